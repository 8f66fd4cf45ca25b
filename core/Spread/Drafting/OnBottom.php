<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Spread\Check\BottomFishing;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Rigs\BottomRig;
use Admek\Core\Towing\Reach;

/** Sets a bottom rig so that it ticks where the boat is now: a weight that stands steep enough, and its let-out. */
final readonly class OnBottom
{
    public function __construct(private DraftTask $task, private SpreadSolver $solver)
    {
    }

    /** @return ?DescribedLine with the lightest weight that ticks; null where the ground is not known, or none of the box does */
    public function lightest(DescribedLine $line): ?DescribedLine
    {
        $ground = $this->task->limits->bottom?->at(0.0);
        $mass = $ground === null ? null : BottomFishing::lightest(
            $this->planned($line), $ground, $this->task->conditions, $this->task->limits,
        );

        return $mass === null ? null : $this->set($line->with([LineFigure::WeightMass->value => $mass]));
    }

    /** The same with so much let out that its weight ticks; as it is where the ground is not known. */
    public function set(DescribedLine $line): DescribedLine
    {
        $ground = $this->task->limits->bottom?->at(0.0);
        $planned = $this->planned($line);
        $control = $planned->rig->control();

        return $ground === null ? $line : $line->set($control, $control->settable(Reach::find(
            fn (float $out): float => $this->solver->run(
                $planned->withControl($out), $this->task->conditions, withDoubt: false,
            )->solution->bodies[BottomRig::WEIGHT][2],
            $ground, $control->least, $control->most, $control->value,
        )->control, $this->task->metric));
    }

    private function planned(DescribedLine $line): PlannedLine
    {
        return SpreadPlan::of([$line], $this->task->mast)->lines[0];
    }
}
