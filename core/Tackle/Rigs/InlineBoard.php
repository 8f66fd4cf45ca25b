<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\Planer;
use Admek\Core\Towing\Board;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;

/** A board clipped on the line: what trails it is a rig of its own, the front line holds the board out. */
final readonly class InlineBoard implements Rig
{
    /** @param  float  $lineOut m of front line from rod tip to board */
    public function __construct(public Planer $planer, public Side $side, public float $lineOut, public TrailingRig $trailing)
    {
    }

    public function towLine(string $id, array $tip): TowLine
    {
        return new TowLine($id, $tip, $this->trailing->chain(), new Board(
            $this->side, $this->planer->dragArea, $this->planer->sideArea, $this->planer->buoyancy, $this->lineOut,
        ));
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

    /**
     * The same board at another distance.
     *
     * @throws InvalidValue when nobody would run it there
     */
    public function withLineOut(float $lineOut): self
    {
        InvalidValue::unlessBetween('board_out', $lineOut, 5, 150, 'm');

        return new self($this->planer, $this->side, $lineOut, $this->trailing);
    }

    public function withTrailing(TrailingRig $trailing): self
    {
        return new self($this->planer, $this->side, $this->lineOut, $trailing);
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
