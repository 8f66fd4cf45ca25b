<?php

declare(strict_types=1);

namespace Bench;

use Admek\Core\Manoeuvres\Manoeuvre;
use Admek\Core\Manoeuvres\ManoeuvreKind;
use Admek\Core\Manoeuvres\SpreadInTime;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;

/** Lines in time: what a turn takes, and how that grows. */
final class MotionBench
{
    private const SPEED = 1.028192;

    /**
     * A turn followed for so long, a look each second.
     *
     * @return array{float, float} median ms, and MB at the peak
     */
    public static function turn(int $lines, float $seconds): array
    {
        $conditions = new Conditions(self::SPEED);
        $running = self::running($lines);
        $course = Manoeuvre::of(ManoeuvreKind::SCurve)->course($conditions);
        $times = [];
        for ($round = 0; $round < 5; $round++) {
            $start = hrtime(true);
            SpreadInTime::of($running, $conditions, $course, range(0.0, $seconds, 1.0));
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);

        return [$times[2], memory_get_peak_usage(true) / 1e6];
    }

    /** @return list<RunningLine> */
    private static function running(int $lines): array
    {
        return (new SpreadSolver)->all(Spreads::ofLines($lines), new Conditions(self::SPEED), withDoubt: false);
    }
}
