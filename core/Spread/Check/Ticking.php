<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Rigs\BottomRig;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Reach;

/** Sets a bottom rig so that it ticks where the boat is now: a weight that stands steep enough, and its let-out. */
final readonly class Ticking
{
    /** @param  array{float, float, float}  $mast  m in the towing frame */
    public function __construct(
        private Conditions $conditions, private SpreadLimits $limits, private array $mast, private bool $metric,
        private SpreadSolver $solver,
    ) {
    }

    /**
     * @return ?DescribedLine with the lightest weight that ticks; null where the ground is not known, or none of the box does
     *
     * @throws InvalidValue
     * @throws CannotTow
     */
    public function lightest(DescribedLine $line): ?DescribedLine
    {
        $ground = $this->limits->bottom?->at(0.0);
        $mass = $ground === null ? null : BottomFishing::lightest(
            $this->planned($line), $ground, $this->conditions, $this->limits,
        );

        return $mass === null ? null : $this->set($line->with([LineFigure::WeightMass->value => $mass]));
    }

    /**
     * The same with so much let out that its weight ticks; as it is where the ground is not known.
     *
     * @throws InvalidValue
     * @throws CannotTow
     */
    public function set(DescribedLine $line): DescribedLine
    {
        $ground = $this->limits->bottom?->at(0.0);
        $planned = $this->planned($line);
        $control = $planned->rig->control();

        return $ground === null ? $line : $line->set($control, $control->settable(Reach::find(
            fn (float $out): float => $this->solver->run(
                $planned->withControl($out), $this->conditions, withDoubt: false,
            )->solution->bodies[BottomRig::WEIGHT][2],
            $ground, $control->least, $control->most, $control->value,
        )->control, $this->metric));
    }

    /** A line begun so that it ticks, where it fishes bottom and that is known; else as it is. */
    public function begun(DescribedLine $line): DescribedLine
    {
        try {
            return $this->planned($line)->rig->bottom() === null ? $line : $this->lightest($line) ?? $this->set($line);
        } catch (InvalidValue|CannotTow) {
            return $line;
        }
    }

    private function planned(DescribedLine $line): PlannedLine
    {
        return SpreadPlan::of([$line], $this->mast)->lines[0];
    }
}
