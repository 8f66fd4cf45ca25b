<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\Planer;
use Admek\Core\Towing\Board;
use Admek\Core\Towing\BoardLoad;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;

/**
 * A line clipped to the tow line of a big board that runs from the mast: it trails from the surface at the clip, and
 * all that is clipped there pulls the board back together (docs/towing-model.md, Boards).
 */
final readonly class MastBoard implements Rig
{
    /**
     * @param  array{float, float, float}  $mast  where the tow line leaves the boat, m in the towing frame
     * @param  float  $lineOut  m of tow line from mast to board
     * @param  float  $clipOut  m along the tow line from the mast to this line's clip
     * @param  list<self>  $others  clipped to the same tow line
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public Planer $planer,
        public Side $side,
        public array $mast,
        public float $lineOut,
        public float $clipOut,
        public TrailingRig $trailing,
        public array $others = [],
    ) {
        InvalidValue::unlessBetween('board_out', $lineOut, 5, 150, 'm');
        InvalidValue::unlessBetween('clip_out', $clipOut, max(1.0, -$mast[2]), $lineOut, 'm');
    }

    public function towLine(string $id, array $tip): TowLine
    {
        return new TowLine($id, $this->mast, $this->trailing->chain(), new Board(
            $this->side, $this->planer->dragArea, $this->planer->sideArea, $this->planer->buoyancy, $this->lineOut, $this->clipOut,
            array_map(static fn (self $other): BoardLoad => new BoardLoad($other->clipOut, $other->trailing->chain()), $this->others),
        ));
    }

    /** @param  list<self>  $others */
    public function sharedWith(array $others): self
    {
        return new self($this->planer, $this->side, $this->mast, $this->lineOut, $this->clipOut, $this->trailing, $others);
    }

    public function control(): Control
    {
        return $this->trailing->control();
    }

    public function withControl(float $value): self
    {
        $trailing = $this->trailing->withControl($value);
        assert($trailing instanceof TrailingRig);

        return $this->withTrailing($trailing);
    }

    /** @throws InvalidValue when the clip is off its tow line */
    public function withClipOut(float $clipOut): self
    {
        return new self($this->planer, $this->side, $this->mast, $this->lineOut, $clipOut, $this->trailing, $this->others);
    }

    public function withTrailing(TrailingRig $trailing): self
    {
        return new self($this->planer, $this->side, $this->mast, $this->lineOut, $this->clipOut, $trailing, $this->others);
    }

    public function lure(): Lure
    {
        return $this->trailing->lure();
    }

    public function ruleOfThumb(?RulesOfThumb $rules = null): ?RuleOfThumb
    {
        return $this->trailing->ruleOfThumb($rules);
    }
}
