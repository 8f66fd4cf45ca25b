<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\CannotTow;
use Closure;

/**
 * Takes a line from its straight course into a turn, the curvature 1/R raised step by step, so that it is the shape the
 * straight one grows into that is found, should more than one balance. Steps follow the free end by the length of its
 * way ({@see BendStep}); what is only passed is marched coarsely.
 *
 * @phpstan-import-type Point from Shooting
 */
final readonly class Bending
{
    /** Angle the boat may turn through over the length of the line, from one step of the curvature to the next. */
    private const FIRST_BEND = 0.5;

    /** Steps below this share of the last one, or of the whole turn, are given up. */
    private const LEAST_STEP = 1e-3;

    private const MOST_BENDS = 200;

    /** A way that leads back out of the turn, to this share of the tightest, has passed where the line could follow. */
    private const TURNED_BACK = 0.85;

    /** How coarsely what is only passed on the way is marched. */
    private const COARSENESS = 4.0;

    /** So many radii in, in the co-ordinates of the circles, the gear is in the very centre: tighter there is none. */
    private const CENTRE = 12.0;

    /** A step found in so few marches is followed by one twice as long. */
    private const EASY = 5;

    /** An end found farther than this share of the line's length from where it was looked for is looked for again, nearer. */
    private const LEAP = 0.15;

    /**
     * @param  float  $radius  m of the turn
     * @param  float  $whole  its swirl, 1/s
     * @param  float  $reach  m the line can lie behind the boat; what the whole turn counts for beside its places
     * @param  bool  $round  whether only the distance from the turn's centre matters
     * @param  Closure(Point, ?float, ?BendStep): (array{float, float, float}|null)  $bend  places the line from a start,
     *   recording with a grain, in the stream as it turns or within a step
     */
    public function __construct(
        private Stream $stream,
        private FreeEnd $end,
        private float $radius,
        private float $whole,
        private float $reach,
        private bool $round,
        private Closure $bend,
    ) {
    }

    /**
     * @param  Closure(): array{float, float, float}  $straight  where the end lies on the straight course, by the circles of the
     *   turn begun
     *
     * @throws CannotTow when no steady shape follows from the straight one
     */
    public function from(Closure $straight, ?float $grain): void
    {
        $step = min(1.0, self::FIRST_BEND * $this->radius / $this->reach);
        $this->stream->swirl = $step * $this->whole;
        $last = [...$straight(), 0.0];
        while (($found = ($this->bend)($last, $step === 1.0 ? $grain : null, null)) === null) {
            $step *= Way::SHORTER;
            if ($step < self::LEAST_STEP) {
                throw CannotTow::inTurn(INF);
            }
            $this->stream->swirl = $step * $this->whole;
        }
        if ($step < 1.0) {
            $this->follow(new Way($last, [...$found, $step * $this->reach], $this->round), $grain);
        }
    }

    /** @throws CannotTow */
    private function follow(Way $way, ?float $grain): void
    {
        $tightest = 0.0;
        $coarseness = self::COARSENESS;
        for ($i = 0; ; $i++) {
            $at = $way->at();
            $tightest = max($tightest, $at[3]);
            $lost = $i === self::MOST_BENDS || $way->stride() < self::LEAST_STEP || $at[3] < self::TURNED_BACK * $tightest;
            if ($lost || abs($at[0]) > self::CENTRE * $this->radius * $this->reach / $at[3]) {
                throw CannotTow::inTurn($this->radius * $this->reach / $tightest);
            }
            [$sought, $arrives] = $way->ahead($this->reach);
            $this->stream->swirl = $this->whole;
            $this->stream->coarseness = $arrives ? 1.0 : $coarseness;
            $step = $arrives ? null : new BendStep($this->whole, $this->reach, $sought, $way->direction());
            $found = ($this->bend)($sought, $arrives ? $grain : null, $step);
            if ($found === null || hypot($found[0] - $sought[0], $found[2] - $sought[2]) > self::LEAP * $this->reach) {
                $way->shorten();
                $coarseness = max(1.0, $coarseness / 2.0);
            } elseif ($arrives) {
                return;
            } else {
                $way->go([...$found, $this->reach * $this->stream->swirl / $this->whole], $this->end->effort() <= self::EASY);
            }
        }
    }
}
