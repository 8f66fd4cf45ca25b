<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use Admek\Core\Towing\Internal\SteadyTow;
use Admek\Core\Towing\Medium\Water;

/** Where a line runs in steady tow, on a straight course or in a steady turn. */
final readonly class TowSolver
{
    /** @param  float  $fineness 1 for the working step, 2 for half of it, and so on */
    public function __construct(private float $fineness = 1.0)
    {
    }

    /** @throws CannotTow when the chain has no steady shape, or none that follows into the turn */
    public function solve(Water $water, ?Turn $turn, TowLine $line): TowSolution
    {
        return $this->solved($water, $turn, $line)->solution();
    }

    /**
     * Every load along a line from its free end up: why it runs where it runs.
     *
     * @return list<Load>
     *
     * @throws CannotTow when the chain has no steady shape, or none that follows into the turn
     */
    public function loads(Water $water, ?Turn $turn, TowLine $line): array
    {
        return $this->solved($water, $turn, $line)->loads();
    }

    private function solved(Water $water, ?Turn $turn, TowLine $line): SteadyTow
    {
        $tow = new SteadyTow($water, $turn, $line, fineness: $this->fineness);
        $tow->solve(recording: true);

        return $tow;
    }
}
