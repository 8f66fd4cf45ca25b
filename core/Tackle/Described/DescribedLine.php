<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Rigs\Control;
use Admek\Core\Towing\Side;

/**
 * A line as the captain tells it: a holder, a presentation, the gear it is rigged with and the figures it is set to. What
 * is sent, kept, filed, drafted and cured is this; ranges are held where a rig is made of it.
 */
final readonly class DescribedLine
{
    /**
     * @param  array<string, float>  $figures  by {@see LineFigure}, in the unit it names
     * @param  ?string  $ridesOn  code of the holder whose cable a stacked release rides
     * @param  ?Side  $dialSide  a diver's; null for its holder's own
     * @param  ?Material  $cable  a rigger's; null for the usual
     * @param  array<string, float>  $overrides  the captain's own figures by part and name, SI
     */
    public function __construct(
        public DescribedHolder $holder,
        public Presentation $presentation,
        public DescribedReel $reel,
        public DescribedLure $lure,
        public array $figures = [],
        public ?DescribedBall $ball = null,
        public ?DescribedDiver $diver = null,
        public ?DescribedBoard $board = null,
        public ?string $ridesOn = null,
        public ?Material $leaderMaterial = null,
        public ?DescribedAttractor $attractor = null,
        public ?Side $dialSide = null,
        public ?Material $cable = null,
        public array $overrides = [],
    ) {
    }

    public function figure(LineFigure $figure): ?float
    {
        return $this->figures[$figure->value] ?? null;
    }

    /** @throws InvalidValue when it is not given */
    public function need(LineFigure $figure): float
    {
        return $this->figures[$figure->value] ?? throw InvalidValue::because($figure->value, 'given for this presentation');
    }

    /** m of line, or of the backing of its core or wire, that is off the reel: to the lure, and to the board before it. */
    public function offReel(): float
    {
        $off = 0.0;
        foreach ($this->presentation->entry()->spools as $figure) {
            // A mast board rides a line of its own; the rod's goes to the clip on it.
            $off += $figure === LineFigure::BoardOut
                ? $this->figure(LineFigure::ClipOut) ?? $this->figure($figure) ?? 0.0 : $this->figure($figure) ?? 0.0;
        }

        return $off;
    }

    /**
     * The same with figures set; a null takes one away.
     *
     * @param  array<string, ?float>  $figures  by {@see LineFigure}
     */
    public function with(array $figures): self
    {
        $set = array_filter(array_replace($this->figures, $figures), static fn (?float $figure): bool => $figure !== null);

        return $this->changed($this->holder, $this->lure, $set, $this->ridesOn);
    }

    /** The same with its control set; whatever depth it was asked to run at is asked no more. */
    public function set(Control $control, float $value): self
    {
        return $this->with([LineFigure::Aim->value => null] + $control->figures($value));
    }

    /** All that is on this rod, in another holder. */
    public function in(DescribedHolder $holder): self
    {
        return $this->changed($holder, $this->lure, $this->figures, $this->ridesOn);
    }

    public function pulling(DescribedLure $lure): self
    {
        return $this->changed($this->holder, $lure, $this->figures, $this->ridesOn);
    }

    /** @param  ?string  $holder  whose cable */
    public function ridingOn(?string $holder): self
    {
        return $this->changed($this->holder, $this->lure, $this->figures, $holder);
    }

    /** @param  array<string, float>  $figures */
    private function changed(DescribedHolder $holder, DescribedLure $lure, array $figures, ?string $ridesOn): self
    {
        return new self(
            $holder, $this->presentation, $this->reel, $lure, $figures, $this->ball, $this->diver, $this->board, $ridesOn,
            $this->leaderMaterial, $this->attractor, $this->dialSide, $this->cable, $this->overrides,
        );
    }
}
