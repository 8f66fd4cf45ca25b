<?php

declare(strict_types=1);

namespace Tests\Core\Spread\Support;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;

/** Lines run as rows describe them, at one speed. */
trait RunsAtOneSpeed
{
    private const SPEED = 2.3 * Lines::MPH;

    private function run1(PlannedLine $line): RunningLine
    {
        return (new SpreadSolver)->run($line, new Conditions(self::SPEED));
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @param  array{float, float, float}  $mast
     * @return list<RunningLine>
     */
    private function all(array $lines, array $mast = [-4.0, 0.0, -3.0]): array
    {
        return (new SpreadSolver)->all(Lines::planned($lines, $mast), new Conditions(self::SPEED));
    }
}
