<?php

declare(strict_types=1);

namespace Admek\Core\Spread;

/** Something to look at: what, on which lines, how much against how much, and where. */
final readonly class Breach
{
    /**
     * @param  list<string>  $holders  codes of the lines concerned
     * @param  ?float  $amount  m (a count of lines for LineCount): what it is
     * @param  ?float  $wanted  same unit: what it should at least, or for LineCount at most, be
     * @param  ?array{float, float, float}  $place  m in the towing frame
     * @param  ?string  $subject  the species of a bare band, the lure that is doubled, the body that touches
     */
    public function __construct(
        public BreachKind $kind,
        public array $holders,
        public ?float $amount = null,
        public ?float $wanted = null,
        public ?array $place = null,
        public ?string $subject = null,
    ) {
    }
}
