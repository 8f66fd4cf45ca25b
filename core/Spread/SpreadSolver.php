<?php

declare(strict_types=1);

namespace Admek\Core\Spread;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Lure;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\DepthDoubt;
use Admek\Core\Towing\Reach;
use Admek\Core\Towing\TowSolver;

/** Runs planned lines under given conditions, and finds the let-out that takes one to a depth. */
final readonly class SpreadSolver
{
    public function __construct(private TowSolver $solver = new TowSolver)
    {
    }

    /**
     * @throws CannotTow
     * @throws InvalidValue
     */
    public function run(PlannedLine $line, Conditions $conditions, bool $withDoubt = true): RunningLine
    {
        $towLine = $line->towLine();
        $solution = $this->solver->solve($conditions->water(), $conditions->turn, $towLine);
        $doubt = $withDoubt
            ? DepthDoubt::of($conditions->water(), $towLine, Lure::BODY, $line->doubts(), $solution->speedFactor)
            : null;

        return new RunningLine($line, $solution, $doubt);
    }

    /**
     * The control that runs the line's lure at a depth (m), or the deepest it gets.
     *
     * @throws CannotTow
     */
    public function reach(PlannedLine $line, Conditions $conditions, float $depth): Reach
    {
        InvalidValue::unlessBetween('depth', $depth, 0, 150, 'm');
        $control = $line->rig->control();

        return Reach::find(
            fn (float $value): float => $this->run($line->withControl($value), $conditions, withDoubt: false)->depth(),
            $depth,
            $control->least,
            $control->most,
        );
    }
}
