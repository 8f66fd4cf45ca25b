<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Described\Range;

/** One thing a part of a rig is told by: a figure with its range, or a choice. */
final readonly class Field
{
    /**
     * @param  string  $label  as the trade asks it
     * @param  bool  $beside  whether it stands beside a choice that says what it is
     * @param  string  $before  word ahead of it there
     */
    private function __construct(
        public string $label,
        public ?Pick $pick = null,
        public ?LineFigure $figure = null,
        public ?Range $range = null,
        public bool $beside = false,
        public string $before = '',
    ) {
    }

    public static function pick(Pick $pick, string $label): self
    {
        return new self($label, $pick);
    }

    /** @param  ?Range  $range  where the presentation holds it closer than others */
    public static function figure(LineFigure $figure, string $label, ?Range $range = null): self
    {
        return new self($label, null, $figure, $range ?? $figure->range());
    }

    public static function beside(LineFigure $figure, string $label, ?Range $range = null, string $before = ''): self
    {
        return new self($label, null, $figure, $range ?? $figure->range(), true, $before);
    }
}
