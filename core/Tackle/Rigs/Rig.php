<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\TowLine;

/** A line as the mate rigs it: knows its own chain of bodies and lines, and the one figure that sets its depth. */
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

    public function lure(): Lure;

    /**
     * What the trade's rule of thumb says of its depth.
     *
     * @throws CannotTow
     */
    public function ruleOfThumb(?RulesOfThumb $rules = null): ?RuleOfThumb;
}
