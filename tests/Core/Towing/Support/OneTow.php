<?php

declare(strict_types=1);

namespace Tests\Core\Towing\Support;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolution;
use Admek\Core\Towing\TowSolver;
use Admek\Core\Towing\Turn;

/** One line towed. */
trait OneTow
{
    private function tow(TowLine $line, float $speed = 1.0, ?Turn $turn = null, ?Flow $flow = null): TowSolution
    {
        return (new TowSolver)->solve(new Water(999.8, $flow ?? Flow::uniform($speed)), $turn, $line);
    }

    private function spoon(): Body
    {
        return new Body('lure', 0.12, 9e-4);
    }

    private function nylon(float $length): Line
    {
        return new Line($length, 0.00037, 0.000148);
    }
}
