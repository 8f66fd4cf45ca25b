<?php

declare(strict_types=1);

namespace Bench;

use Admek\Core\Fish\Species;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Check\FishOn;
use Admek\Core\Spread\Check\SafeLimits;
use Admek\Core\Spread\Check\Setting;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Check\Steady;
use Admek\Core\Spread\Check\Tangles;
use Admek\Core\Spread\Drafting\DraftBand;
use Admek\Core\Spread\Drafting\Drafter;
use Admek\Core\Spread\Drafting\DraftTask;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\SettingOrder;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\Internal\SteadyTow;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolver;
use Admek\Core\Towing\Turn;

/** The core alone: time per solve, its growth, and how exact it is. */
final class CoreBench
{
    private const ROUNDS = 200;

    private const SPEED = 1.028192;

    /** Median milliseconds to run a spread of so many lines. */
    public static function milliseconds(int $lines, bool $withDoubt, ?Turn $turn = null): float
    {
        $spread = Spreads::ofLines($lines);
        $solver = new SpreadSolver;
        $conditions = new Conditions(self::SPEED, $turn);
        $times = [];
        $rounds = $turn === null ? self::ROUNDS : self::ROUNDS / 8;
        for ($round = 0; $round < $rounds; $round++) {
            $start = hrtime(true);
            Steady::among($spread, $conditions, $withDoubt, $solver);
            // The first rounds warm the compiler.
            if ($round >= $rounds / 4) {
                $times[] = (hrtime(true) - $start) / 1e6;
            }
        }
        sort($times);

        return $times[intdiv(count($times), 2)];
    }

    /** Median milliseconds to look over sixteen running lines: all pairs, bottom, boards, bands. */
    public static function lookOver(): float
    {
        $running = self::sixteen();

        return self::median(self::ROUNDS, static fn (): array => Breaches::of($running, self::limits()));
    }

    /** Of that, all pairs of the sixteen lines' curves alone. */
    public static function allPairs(): float
    {
        $running = self::sixteen();

        return self::median(self::ROUNDS, static fn (): array => Tangles::among($running, 0.9144));
    }

    /** Both tightest safe turns and the slowest safe speed of twelve lines. */
    public static function safeLimits(): float
    {
        $safe = new SafeLimits(Spreads::ofLines(12), new Conditions(self::SPEED), self::limits());

        return self::median(5, static fn (): array => [$safe->turn(Side::Port), $safe->turn(Side::Starboard), $safe->slowest()]);
    }

    /** Setting sixteen lines one after another past those set, and what to clear for a fish on each. */
    public static function setting(): float
    {
        $running = self::sixteen();
        $setting = new Setting(new Conditions(self::SPEED), self::limits());

        return self::median(
            10, static fn (): array => [$setting->crossings(SettingOrder::of(Spreads::ofLines(16))), FishOn::clearing($running)],
        );
    }

    /** A draft for sixteen rods and two bands. */
    public static function draft(): float
    {
        $task = new DraftTask(
            [new DraftBand(Species::King, 14.0, 22.5, 2.0), new DraftBand(Species::LakeTrout, 28.0, 34.0)], Spreads::holders(),
            Spreads::gear(),
            new Conditions(self::SPEED), self::limits(), 16,
        );

        return self::median(3, static fn (): object => (new Drafter)->draft($task));
    }

    private static function limits(): SpreadLimits
    {
        return new SpreadLimits(16, Bottom::flat(36.0), ['king' => [14.0, 22.5], 'lake_trout' => [28.0, 34.0]]);
    }

    /** @return list<RunningLine> */
    private static function sixteen(): array
    {
        return (new SpreadSolver)->all(Spreads::ofLines(16), new Conditions(self::SPEED));
    }

    /** @param  callable(): mixed  $work */
    private static function median(int $rounds, callable $work): float
    {
        $times = [];
        for ($round = 0; $round < $rounds; $round++) {
            $start = hrtime(true);
            $work();
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);

        return $times[intdiv($rounds, 2)];
    }

    /** Steps the integrator takes for the twelve lines, all iterations counted. */
    public static function steps(): int
    {
        $steps = 0;
        foreach (Spreads::ofLines(12) as $line) {
            $tow = new SteadyTow((new Conditions(self::SPEED))->water(), null, $line->towLine());
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
                $place = static fn (float $fineness): array => (new TowSolver($fineness))->solve(
                    $water, null, $line->towLine(),
                )->bodies['lure'];
                [$a, $b] = [$place(1.0), $place(20.0)];
                $worst = max($worst, sqrt(($a[0] - $b[0]) ** 2 + ($a[1] - $b[1]) ** 2 + ($a[2] - $b[2]) ** 2));
            }
        }

        return $worst;
    }

    /** The same in water that shears, turns and runs back at depth. */
    public static function worstSheared(): float
    {
        $worst = 0.0;
        foreach ([[0.4, 0.2], [-0.3, 0.5], [1.2, -0.4], [-0.8, 0.0]] as [$aft, $starboard]) {
            $water = new Water(999.8, Flow::ofLayers([
                ['depth' => 0.0, 'aft' => self::SPEED, 'starboard' => 0.0], ['depth' => 6.0, 'aft' => 0.8, 'starboard' => 0.1],
                ['depth' => 18.0, 'aft' => $aft, 'starboard' => $starboard],
            ]));
            foreach (Spreads::ofLines(12) as $line) {
                $place = static fn (float $fineness): array => (new TowSolver($fineness))->solve(
                    $water, null, $line->towLine(),
                )->bodies['lure'];
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
        foreach ([
            [10.0, 0.5, 5.0, 1.0], [10.0, 0.5, 80.0, 1.0], [0.3, 0.3, 40.0, 1.0], [0.5, 1.5, 60.0, 1.3], [2.0, 1.0, 100.0, 2.5],
        ] as [$weight, $drag, $length, $speed]) {
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
