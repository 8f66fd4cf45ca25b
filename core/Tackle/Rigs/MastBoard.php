<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\Planer;
use Admek\Core\Towing\Board;
use Admek\Core\Towing\BoardLoad;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;

/**
 * A line clipped to the tow line of a big board that runs from the mast: it trails from the surface at the clip, and
 * all that is clipped there pulls the board back together (docs/towing-model.md, Boards).
 */
final readonly class MastBoard extends BoardRig
{
    /** m by which two lines may tell one tow line's length apart. */
    private const SAME = 0.01;

    /**
     * @param  array{float, float, float}  $mast  where the tow line leaves the boat, m in the towing frame
     * @param  float  $lineOut  m of tow line from mast to board
     * @param  float  $clipOut  m along the tow line from the mast to this line's clip
     * @param  list<self>  $others  clipped to the same tow line
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        Planer $planer,
        Side $side,
        public array $mast,
        float $lineOut,
        public float $clipOut,
        TrailingRig $trailing,
        public array $others = [],
    ) {
        LineFigure::BoardOut->range()->hold(LineFigure::BoardOut, $lineOut);
        LineFigure::ClipOut->range()->within(max(1.0, -$mast[2]), $lineOut)->hold(LineFigure::ClipOut, $clipOut);
        parent::__construct($planer, $side, $lineOut, $trailing);
    }

    public function towLine(string $id, array $tip): TowLine
    {
        return new TowLine($id, $this->mast, $this->trailing->chain(), new Board(
            $this->side, $this->planer->dragArea, $this->planer->sideArea, $this->planer->buoyancy, $this->lineOut,
            $this->clipOut,
            array_map(
                static fn (self $other): BoardLoad => new BoardLoad($other->clipOut, $other->trailing->chain()), $this->others,
            ),
            $this->planer->mass,
        ));
    }

    public function hangsOn(): string
    {
        return "mast board to {$this->side->value}";
    }

    public function hungWith(array $others): self
    {
        $clipped = [];
        foreach ($others as $holder => $other) {
            if ($other instanceof self) {
                if (abs($other->lineOut - $this->lineOut) > self::SAME) {
                    throw InvalidValue::because(
                        'board_out',
                        sprintf('%.2f m as on %s: both are clipped to one board’s tow line', $other->lineOut, $holder),
                    );
                }
                $clipped[] = $other->with($other->clipOut, $other->trailing, []);
            }
        }

        return $this->with($this->clipOut, $this->trailing, $clipped);
    }

    public function withTrailing(TrailingRig $trailing): self
    {
        return $this->with($this->clipOut, $trailing, $this->others);
    }

    public function out(): float
    {
        return $this->clipOut;
    }

    public function outFigure(): LineFigure
    {
        return LineFigure::ClipOut;
    }

    public function withOut(float $out): self
    {
        return $this->with($out, $this->trailing, $this->others);
    }

    public function towedFrom(array $tip): array
    {
        return $this->mast;
    }

    /** @param  list<self>  $others */
    private function with(float $clipOut, TrailingRig $trailing, array $others): self
    {
        return new self($this->planer, $this->side, $this->mast, $this->lineOut, $clipOut, $trailing, $others);
    }
}
