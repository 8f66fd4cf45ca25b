<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Catalogue\SettingRank;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\TowLine;

/**
 * A line as the mate rigs it: knows its own chain of bodies and lines, the figures that set its depth, what it hangs on
 * with others, and how it goes out. A new one extends {@see SoleRig} and says what it does otherwise.
 */
interface Rig
{
    /** kg/m³, the water all default weights are taken in (docs/towing-model.md, Figures). */
    public const FRESH_WATER = 999.8;

    /**
     * @param  array{float, float, float}  $tip  rod tip or boom end in the towing frame, m
     *
     * @throws InvalidValue naming the field
     */
    public function towLine(string $id, array $tip): TowLine;

    public function control(): Control;

    /** @throws InvalidValue when the control is out of its range */
    public function withControl(float $value): self;

    /** What sets its depth beside its control, a dial or a weight; null where nothing does. */
    public function otherControl(): ?Control;

    /** @throws InvalidValue when there is no such control, or it is out of its range */
    public function withOtherControl(float $value): self;

    public function lure(): Lure;

    /**
     * What the trade's rule of thumb says of its depth; null where it has none.
     *
     * @throws CannotTow
     */
    public function ruleOfThumb(?RulesOfThumb $rules = null): ?RuleOfThumb;

    /** When it goes in. */
    public function rank(): SettingRank;

    /**
     * What puts it outside its like, in its own unit: board line out, a diver's dial, the lowest release, else what is let out.
     */
    public function outside(): float;

    /**
     * It on its way out.
     *
     * @param  float  $share  of the way
     *
     * @throws InvalidValue where nobody lets out so little
     */
    public function partlyOut(float $share): self;

    /**
     * What would take it deeper than its control alone gets it (docs/towing-model.md, Inverse).
     *
     * @return list<string> in order of promise
     */
    public function wouldHelp(): array;

    /** What it hangs on with others that name the same; null where it hangs on nothing but its own rod. */
    public function hangsOn(): ?string;

    /**
     * The same, knowing what else hangs there.
     *
     * @param  array<array-key, Rig>  $others  by holder
     *
     * @throws InvalidValue where they do not agree
     */
    public function hungWith(array $others): self;

    /** The rigger's cable it hangs on; null for a rod of its own. */
    public function cable(): ?Downrigger;

    /** The board it runs behind; null without one. */
    public function board(): ?BoardRig;

    /** The weight by which it fishes bottom; null where it does not. */
    public function bottom(): ?BottomRig;

    /** The same on line as thick as its lure was rated on; null where that is not what lies between its depth and the rating. */
    public function onRatedLine(): ?self;
}
