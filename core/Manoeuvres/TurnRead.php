<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Motion\Course;
use Admek\Core\Units\Compass;

/** What a lure went through in a turn before it was bitten, from how she was steered: depths, and speeds through the water. */
final readonly class TurnRead
{
    /** s of her way before the bite that its line is followed through. */
    public const BACK = 120.0;

    /** s before the bite in which a fish may have seen it. */
    private const SEEN = 20.0;

    /** s of her way without which nothing can be said. */
    private const LEAST = 15.0;

    /**
     * @param  float  $depth  m at the bite
     * @param  float  $top  m, the least while it was seen
     * @param  float  $bottom  m, the most
     * @param  float  $speed  m/s at the bite
     * @param  float  $slowest  m/s while it was seen
     * @param  float  $fastest  m/s
     */
    private function __construct(
        public float $depth, public float $top, public float $bottom, public float $speed, public float $slowest,
        public float $fastest,
    ) {
    }

    /**
     * @param  list<array{at: float, speed: float, heading: float}>  $way  s, m/s and degrees as they were read, earlier first,
     *   the last at the bite
     * @return ?self null where too little was read, or the line cannot be followed
     */
    public static function of(
        PlannedLine $line, Conditions $conditions, array $way, SpreadSolver $solver = new SpreadSolver,
    ): ?self {
        $course = self::course($way);
        if ($course === null) {
            return null;
        }
        $end = $course->lasts();
        $straight = $conditions->turning(null)->at($way[0]['speed']);
        try {
            $before = $solver->run($line, $straight, withDoubt: false);
        } catch (CannotTow) {
            return null;
        }

        return self::seen(SpreadInTime::of(
            [new RunningLine($line, $before->solution, null)], $straight, $course, range(max(0.0, $end - self::SEEN), $end, 1.0),
            $solver,
        )->frames[$line->holder] ?? []);
    }

    /** @param  list<Frame>  $frames */
    private static function seen(array $frames): ?self
    {
        if ($frames === []) {
            return null;
        }
        $last = $frames[count($frames) - 1];
        [$top, $bottom, $slowest, $fastest] = [INF, 0.0, INF, 0.0];
        foreach ($frames as $frame) {
            $depth = $frame->depth();
            [$top, $bottom] = [min($top, $depth), max($bottom, $depth)];
            [$slowest, $fastest] = [min($slowest, $frame->speed), max($fastest, $frame->speed)];
        }

        return new self($last->depth(), $top, $bottom, $last->speed, $slowest, $fastest);
    }

    /**
     * Her way as a course: what she cannot have done is a reading gone wrong, and left out.
     *
     * @param  list<array{at: float, speed: float, heading: float}>  $way
     */
    private static function course(array $way): ?Course
    {
        $knots = [];
        foreach ($way as ['at' => $at, 'speed' => $speed, 'heading' => $degrees]) {
            $heading = deg2rad($degrees);
            $last = $knots[count($knots) - 1] ?? null;
            if ($last !== null) {
                $turned = deg2rad(Compass::turned(rad2deg($last['heading']), $degrees));
                $heading = $last['heading'] + $turned;
                $lasts = $at - $way[0]['at'] - $last['t'];
                if ($lasts <= 0.0 || abs($turned) > Course::RUDDER * $lasts) {
                    continue;
                }
            }
            if ($speed >= Conditions::SLOWEST && $speed <= Conditions::FASTEST) {
                $knots[] = ['t' => $at - $way[0]['at'], 'speed' => $speed, 'heading' => $heading];
            }
        }
        $first = $knots[0]['t'] ?? 0.0;
        $knots = array_map(static fn (array $knot): array => ['t' => $knot['t'] - $first] + $knot, $knots);

        return $knots === [] || $knots[count($knots) - 1]['t'] < self::LEAST ? null : Course::of($knots);
    }
}
