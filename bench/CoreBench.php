<?php

declare(strict_types=1);

namespace Bench;

use Admek\Core\Spread\Breaches;
use Admek\Core\Spread\Conditions;
use Admek\Core\Spread\PlannedLine;
use Admek\Core\Spread\RunningLine;
use Admek\Core\Spread\SpreadLimits;
use Admek\Core\Spread\SpreadSolver;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\Flow;
use Admek\Core\Towing\Internal\SteadyTow;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolver;
use Admek\Core\Towing\Water;

/** The core alone: time per solve, its growth, and how exact it is. */
final class CoreBench
{
    private const ROUNDS = 200;

    private const SPEED = 1.028192;

    /** Median milliseconds to run a spread of so many lines. */
    public static function milliseconds(int $lines, bool $withDoubt): float
    {
        $spread = Spreads::ofLines($lines);
        $solver = new SpreadSolver;
        $conditions = new Conditions(self::SPEED);
        $times = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $start = hrtime(true);
            foreach ($spread as $line) {
                $solver->run($line, $conditions, $withDoubt);
            }
            // The first rounds warm the compiler.
            if ($round >= self::ROUNDS / 4) {
                $times[] = (hrtime(true) - $start) / 1e6;
            }
        }
        sort($times);

        return $times[intdiv(count($times), 2)];
    }

    /** Median milliseconds to look over sixteen running lines: all pairs, bottom, boards, bands. */
    public static function lookOver(): float
    {
        $running = array_map(static fn (PlannedLine $line): RunningLine => (new SpreadSolver)->run($line, new Conditions(self::SPEED)), Spreads::ofLines(16));
        $limits = new SpreadLimits(15, 36.0, ['king' => [14.0, 22.5], 'lake_trout' => [28.0, 34.7]]);
        $times = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $start = hrtime(true);
            Breaches::of($running, $limits);
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);

        return $times[intdiv(self::ROUNDS, 2)];
    }

    /** Steps the integrator takes for the twelve lines, all iterations counted. */
    public static function steps(): int
    {
        $steps = 0;
        foreach (Spreads::ofLines(12) as $line) {
            $tow = new SteadyTow((new Conditions(self::SPEED))->water(), $line->towLine());
            $tow->solve();
            $steps += $tow->steps();
        }

        return $steps;
    }

    /** Worst distance (m) of a lure of the twelve from where a twenty times finer step puts it, over the speeds fished. */
    public static function worstAgainstFiner(): float
    {
        $worst = 0.0;
        foreach ([0.4, 0.7, 1.03, 1.4, 2.0] as $speed) {
            $water = (new Conditions($speed))->water();
            foreach (Spreads::ofLines(12) as $line) {
                $place = static fn (float $fineness): array => (new TowSolver($fineness))->solve($water, null, $line->towLine())->bodies['lure'];
                [$a, $b] = [$place(1.0), $place(20.0)];
                $worst = max($worst, sqrt(($a[0] - $b[0]) ** 2 + ($a[1] - $b[1]) ** 2 + ($a[2] - $b[2]) ** 2));
            }
        }

        return $worst;
    }

    /** Worst distance (m) from the closed form of the weightless line, over lengths from 5 to 100 m. */
    public static function worstAgainstClosedForm(): float
    {
        $worst = 0.0;
        foreach ([[10.0, 0.5, 5.0, 1.0], [10.0, 0.5, 80.0, 1.0], [0.3, 0.3, 40.0, 1.0], [0.5, 1.5, 60.0, 1.3], [2.0, 1.0, 100.0, 2.5]] as [$weight, $drag, $length, $speed]) {
            $end = new Body('end', $weight, $drag / (500.0 * $speed ** 2));
            $line = new TowLine('a', [0.0, 0.0, 1.0], [$end, new Line($length, 0.0005, 0.0, 1.2, 0.0)]);
            $found = (new TowSolver)->solve(new Water(1000.0, Flow::uniform($speed)), null, $line)->bodies['end'];
            $tension = hypot($weight, $drag);
            $k = 500.0 * 0.0005 * 1.2 * $speed ** 2;
            [$start, $finish] = [$drag / $weight, $drag / $weight + $k * $length / $tension];
            $depth = $tension / $k * (asinh($finish) - asinh($start)) + 1.0;
            $aft = $tension / $k * (sqrt(1 + $finish ** 2) - sqrt(1 + $start ** 2));
            $worst = max($worst, hypot($found[0] - $aft, $found[2] - $depth));
        }

        return $worst;
    }
}
