<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Motion\CannotMove;
use Admek\Core\Towing\Motion\Course;
use Admek\Core\Towing\Motion\Mover;
use Admek\Core\Towing\Motion\MovingWater;
use Admek\Core\Towing\Motion\NotWanted;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolver;

/** A spread followed through a course. */
final readonly class SpreadInTime
{
    /**
     * @param  array<string, list<Frame>>  $frames  by holder, one at each time
     * @param  array<string, float>  $rest  by holder, m down at which its lure comes to rest
     * @param  array<string, string>  $lost  by holder of a line that cannot be followed, why
     */
    private function __construct(public Course $course, public array $frames, public array $rest, public array $lost)
    {
    }

    /**
     * @param  list<RunningLine>  $lines  as they run before it, under the same conditions
     * @param  list<float>  $times  s, ascending
     *
     * @throws NotWanted where the mover is told so
     */
    public static function of(
        array $lines, Conditions $conditions, Course $course, array $times, SpreadSolver $solver = new SpreadSolver,
        Mover $mover = new Mover,
    ): self {
        $frames = $rest = $lost = [];
        $straight = $conditions->turning(null);
        foreach ($lines as $line) {
            $holder = $line->planned->holder;
            // As soundings have taught: a speed that is read too low, and a current at depth.
            $flowing = $solver->waterOf($line->planned, $straight);
            $faster = $flowing->flow->aft[0] / $conditions->speed;
            $own = abs($faster - 1.0) < 1e-9 ? $course : $course->times($faster);
            $water = MovingWater::streaming($flowing, $conditions->heading());
            $tow = $line->planned->towLine($conditions->density);
            try {
                $seen = [];
                $shape = null;
                foreach ($mover->moments($water, $own, $tow, $times) as $moment) {
                    $shape ??= Shape::of($moment);
                    $seen[] = Frame::of($line->planned, $shape, $moment);
                }
                $frames[$holder] = $seen;
            } catch (CannotMove $cannot) {
                $lost[$holder] = $cannot->getMessage();

                continue;
            }
            $depth = self::rest($water, $own, $tow);
            if ($depth !== null) {
                $rest[$holder] = $depth;
            }
        }

        return new self($course, $frames, $rest, $lost);
    }

    /** @return ?float m down at which the lure runs when all has settled on the last knot's course */
    private static function rest(MovingWater $water, Course $course, TowLine $tow): ?float
    {
        [$speed, $heading] = $course->at($course->lasts());
        try {
            return (new TowSolver)->solve($water->past($speed, $heading), null, $tow)->bodies[Lure::BODY][2];
        } catch (CannotTow) {
            return null;
        }
    }
}
