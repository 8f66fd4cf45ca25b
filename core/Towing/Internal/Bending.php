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

    private const MOST_BENDS = 80;

    /** A way that leads back out of the turn, to this share of the tightest, has passed where the line could follow. */
    private const TURNED_BACK = 0.85;

    /** How coarsely what is only passed on the way is marched, however fine the rest. */
    public const COARSENESS = 4.0;

    /**
     * So many radii in, in the co-ordinates of the circles, the gear hangs in the middle of the turn, in water that passes it
     * at less than a fiftieth (e⁻⁴) of the boat's speed: there a hair in any figure moves it by metres, and nothing steady is
     * to be told of it.
     */
    private const CENTRE = 4.0;

    /** Steps so much shorter than the last are tried with finer marches too. */
    private const FINER = 0.2;

    /**
     * An end found farther from where it was looked for than this share of the line's length, or of the step, is looked for
     * again, nearer: it may lie on another way.
     */
    private const LEAP = 0.15;

    private const ASTRAY = 0.5;

    /** Coarse marches lie within this share of the line's length of fine ones. */
    private const GRAIN = 0.01;

    /**
     * @param  float  $radius  m of the turn
     * @param  float  $whole  its swirl, 1/s
     * @param  float  $reach  m the line can lie behind the boat; what the whole turn counts for beside its places
     * @param  float  $fineness  of the marches that count
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
        private float $fineness,
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
        $begun = min(1.0, self::FIRST_BEND * $this->radius / $this->reach);
        $this->stream->swirl = $begun * $this->whole;
        $start = [...$straight(), 0.0];
        $tightest = 0.0;
        for ($coarseness = max(1.0, self::COARSENESS * $this->fineness); $coarseness >= 1.0; $coarseness /= 2.0) {
            $tightest = max($tightest, $this->gone($start, $begun, $coarseness, $grain));
            if ($tightest === INF) {
                return;
            }
        }
        throw CannotTow::inTurn($tightest === 0.0 ? INF : $this->radius * $this->reach / $tightest);
    }

    /**
     * Goes all the way, its steps marched as coarsely as that.
     *
     * @param  Point  $start
     * @param  float  $begun  share of the turn to begin with
     * @return float how much of the turn was made until the way was lost, m; INF where all was
     *
     * @throws CannotTow where the way itself ends
     */
    private function gone(array $start, float $begun, float $coarseness, ?float $grain): float
    {
        $within = self::LEAP * $this->reach;
        for ($step = $begun; $step >= self::LEAST_STEP; $step *= Way::SHORTER) {
            $this->stream->swirl = $step * $this->whole;
            $found = $step === 1.0
                ? $this->arrival($start, $coarseness, $within, $grain)
                : $this->near($start, $coarseness, $within, null);
            if ($found !== null) {
                return $step === 1.0
                    ? INF
                    : $this->follow(new Way($start, [...$found, $step * $this->reach], $this->round), $coarseness, $grain);
            }
        }

        return 0.0;
    }

    /**
     * @return float how much of the turn was made until the way was lost, m; INF where all was
     *
     * @throws CannotTow where the way itself ends
     */
    private function follow(Way $way, float $coarsest, ?float $grain): float
    {
        $tightest = 0.0;
        $coarseness = $coarsest;
        for ($i = 0; $i < self::MOST_BENDS && $way->stride() >= self::LEAST_STEP; $i++) {
            $at = $way->at();
            $tightest = max($tightest, $at[3]);
            if ($at[3] < self::TURNED_BACK * $tightest) {
                throw CannotTow::inTurn($this->radius * $this->reach / $tightest);
            }
            if (abs($at[0]) > self::CENTRE * $this->radius * $this->reach / $at[3]) {
                throw CannotTow::deadInTurn($this->radius * $this->reach / $tightest);
            }
            [$sought, $arrives] = $way->ahead($this->reach);
            $within = min(self::LEAP * $this->reach, max(self::ASTRAY * $way->step(), self::GRAIN * $this->reach));
            $found = $arrives
                ? $this->arrival($sought, $coarseness, $within, $grain)
                : $this->near(
                    $sought, $coarseness, $within, new BendStep($this->whole, $this->reach, $sought, $way->direction()),
                );
            if ($found === null) {
                $way->shorten();
                $coarseness = $way->stride() < self::FINER ? max(1.0, $coarseness / 2.0) : $coarseness;
            } elseif ($arrives) {
                return INF;
            } else {
                $way->go([...$found, $this->reach * $this->stream->swirl / $this->whole], $this->end->effort());
                $coarseness = min($coarsest, 2.0 * $coarseness);
            }
        }

        return $tightest;
    }

    /**
     * Places the line in the whole turn: coarsely first, then as it is from there.
     *
     * @param  Point  $sought
     * @param  float  $within  m
     * @return array{float, float, float}|null null where it was not found near there
     */
    private function arrival(array $sought, float $coarseness, float $within, ?float $grain): ?array
    {
        $this->stream->swirl = $this->whole;
        $coarse = $this->near($sought, $coarseness, $within, null);

        return $coarse === null ? null : $this->near([...$coarse, 0.0], 1.0, $within, null, $grain);
    }

    /**
     * @param  Point  $sought
     * @param  float  $within  m
     * @return array{float, float, float}|null null where it was not found near there
     */
    private function near(array $sought, float $coarseness, float $within, ?BendStep $step, ?float $grain = null): ?array
    {
        $this->stream->coarseness = $coarseness;
        $found = ($this->bend)($sought, $grain, $step);
        $this->stream->coarseness = 1.0;

        return $found === null || hypot($found[0] - $sought[0], $found[2] - $sought[2]) > $within ? null : $found;
    }
}
