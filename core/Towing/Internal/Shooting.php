<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\CannotTow;
use Closure;

/**
 * Finds the four co-ordinates at which a miss of four vanishes: Newton's method, its Jacobian taken by differences once and
 * kept up by Broyden's rank-one corrections (Broyden 1965, Math. Comp. 19, 577), taken anew where it has gone stale.
 * What it learnt stays for the next aim.
 *
 * @phpstan-type Point array{float, float, float, float}
 * @phpstan-type Matrix array{Point, Point, Point, Point}
 */
final class Shooting
{
    /** Who has not closed in by then is too far off: whoever asked comes nearer by a shorter way. */
    private const MOST_ROUNDS = 12;

    /** m a difference is to move the miss by: well above the march's own grain, well within its bend. */
    private const DIFFERENCE = 0.05;

    /** Longest step of a difference, m. */
    private const LONGEST = 0.1;

    /** A step that does not bring the miss under this share of what it was is tried again with a fresh Jacobian, or halved. */
    private const PROGRESS = 0.7;

    private const SHORTEST_SHARE = 0.2;

    /** @var Matrix|null inverse Jacobian, row by row */
    private ?array $inverse = null;

    /** @var Point steps of differences, m */
    private array $steps = [self::DIFFERENCE, self::DIFFERENCE, self::DIFFERENCE, self::DIFFERENCE];

    /** Evaluations the last aim took. */
    public int $evaluations = 0;

    /** @param  list<0|1|2|3>  $axes  those of the four that matter to the miss; along the others it is nought */
    public function __construct(private array $axes = [0, 1, 2, 3])
    {
    }

    public function startLike(self $other): void
    {
        $this->inverse = $other->inverse;
        $this->steps = $other->steps;
        $this->axes = $other->axes;
    }

    /** @param  list<0|1|2|3>  $axes */
    public function over(array $axes): self
    {
        if ($axes !== $this->axes) {
            $this->axes = $axes;
            $this->inverse = null;
        }

        return $this;
    }

    /**
     * @param  Closure(Point): Point  $miss  m; its last call is at the answer
     * @param  Point  $at  where to start
     * @param  float  $close  m, accepted
     * @param  float  $grain  m, accepted where no step comes nearer: the miss itself is no smoother there
     * @return Point|null the answer; null where none was found
     */
    public function aim(Closure $miss, array $at, float $close, float $grain): ?array
    {
        $this->evaluations = 0;
        $r = $this->tried($miss, $at);
        if ($r === null) {
            return null;
        }
        $size = self::size($r);
        $share = 1.0;
        $fresh = false;
        for ($round = 0; $size > $close; $round++) {
            if ($this->inverse === null) {
                if (! $this->differentiate($miss, $at, $r)) {
                    return null;
                }
                $fresh = true;
            }
            $step = $this->towards($r, $share);
            $next = self::plus($at, $step);
            $s = $this->tried($miss, $next);
            $nextSize = $s === null ? INF : self::size($s);
            if ($s !== null && $nextSize < 10.0 * $size) {
                $this->learn($step, self::plus($s, $r, -1.0));
            }
            if ($s !== null && ($nextSize <= $close || $nextSize < (1.0 - $share * (1.0 - self::PROGRESS)) * $size)) {
                [$at, $r, $size] = [$next, $s, $nextSize];
                $fresh = false;
                $share = min(1.0, 2.0 * $share);
            } elseif ($round >= self::MOST_ROUNDS || ($fresh && $share < self::SHORTEST_SHARE)) {
                $this->inverse = null;

                return $size <= $grain && $this->tried($miss, $at) !== null ? $at : null;
            } else {
                // Where the slope was taken right here, the way is right: less of it.
                $share *= $fresh ? 0.5 : 1.0;
                $this->inverse = null;
            }
        }

        return $at;
    }

    /**
     * @param  Closure(Point): Point  $miss
     * @param  Point  $at
     * @return Point|null null where the chain has no shape there
     */
    private function tried(Closure $miss, array $at): ?array
    {
        $this->evaluations++;
        try {
            return $miss($at);
        } catch (CannotTow) {
            return null;
        }
    }

    /**
     * @param  Point  $a
     * @param  Point  $b
     * @return Point
     */
    private static function plus(array $a, array $b, float $times = 1.0): array
    {
        return [$a[0] + $times * $b[0], $a[1] + $times * $b[1], $a[2] + $times * $b[2], $a[3] + $times * $b[3]];
    }

    /** @param  Point  $r */
    private static function size(array $r): float
    {
        return sqrt($r[0] * $r[0] + $r[1] * $r[1] + $r[2] * $r[2] + $r[3] * $r[3]);
    }

    /**
     * @param  Point  $r
     * @return Point
     */
    private function towards(array $r, float $share): array
    {
        $m = $this->inverse;
        assert($m !== null);
        $to = [0.0, 0.0, 0.0, 0.0];
        foreach ([0, 1, 2, 3] as $i) {
            $to[$i] = -$share * ($m[$i][0] * $r[0] + $m[$i][1] * $r[1] + $m[$i][2] * $r[2] + $m[$i][3] * $r[3]);
        }

        return $to;
    }

    /**
     * Takes the Jacobian by forward differences and inverts it; false where it cannot.
     *
     * @param  Closure(Point): Point  $miss
     * @param  Point  $at
     * @param  Point  $r  the miss there
     */
    private function differentiate(Closure $miss, array $at, array $r): bool
    {
        $jacobian = [[1.0, 0.0, 0.0, 0.0], [0.0, 1.0, 0.0, 0.0], [0.0, 0.0, 1.0, 0.0], [0.0, 0.0, 0.0, 1.0]];
        foreach ($this->axes as $axis) {
            $beside = $at;
            $step = $this->steps[$axis];
            $beside[$axis] += $step;
            $s = $this->tried($miss, $beside);
            if ($s === null) {
                return false;
            }
            $change = self::plus($s, $r, -1.0);
            $this->steps[$axis] = min(self::LONGEST, self::DIFFERENCE / max(self::size($change) / $step, 0.1));
            foreach ([0, 1, 2, 3] as $row) {
                $jacobian[$row][$axis] = $change[$row] / $step;
            }
        }
        $this->inverse = self::inverted($jacobian);

        return $this->inverse !== null;
    }

    /**
     * Gauss–Jordan elimination with partial pivoting.
     *
     * @param  Matrix  $m
     * @return Matrix|null null where it has none
     */
    private static function inverted(array $m): ?array
    {
        $inverse = [[1.0, 0.0, 0.0, 0.0], [0.0, 1.0, 0.0, 0.0], [0.0, 0.0, 1.0, 0.0], [0.0, 0.0, 0.0, 1.0]];
        foreach ([0, 1, 2, 3] as $column) {
            $pivot = $column;
            foreach ([1, 2, 3] as $row) {
                $pivot = $row > $column && abs($m[$row][$column]) > abs($m[$pivot][$column]) ? $row : $pivot;
            }
            if (abs($m[$pivot][$column]) < 1e-9) {
                return null;
            }
            [$m[$column], $m[$pivot]] = [$m[$pivot], $m[$column]];
            [$inverse[$column], $inverse[$pivot]] = [$inverse[$pivot], $inverse[$column]];
            $scale = 1.0 / $m[$column][$column] - 1.0;
            $m[$column] = self::plus($m[$column], $m[$column], $scale);
            $inverse[$column] = self::plus($inverse[$column], $inverse[$column], $scale);
            foreach ([0, 1, 2, 3] as $row) {
                if ($row !== $column && $m[$row][$column] !== 0.0) {
                    $times = -$m[$row][$column];
                    $m[$row] = self::plus($m[$row], $m[$column], $times);
                    $inverse[$row] = self::plus($inverse[$row], $inverse[$column], $times);
                }
            }
        }

        return $inverse;
    }

    /**
     * Broyden's correction of the inverse: B⁻¹ += (Δx − B⁻¹Δr)·(Δxᵀ B⁻¹)/(Δxᵀ B⁻¹ Δr).
     *
     * @param  Point  $dx
     * @param  Point  $dr
     */
    private function learn(array $dx, array $dr): void
    {
        $m = $this->inverse;
        assert($m !== null);
        $moved = $this->towards($dr, -1.0);
        $scale = $dx[0] * $moved[0] + $dx[1] * $moved[1] + $dx[2] * $moved[2] + $dx[3] * $moved[3];
        if (abs($scale) < 0.05 * self::size($dx) ** 2) {
            return;
        }
        $left = [0.0, 0.0, 0.0, 0.0];
        foreach ([0, 1, 2, 3] as $i) {
            $left[$i] = ($dx[0] * $m[0][$i] + $dx[1] * $m[1][$i] + $dx[2] * $m[2][$i] + $dx[3] * $m[3][$i]) / $scale;
        }
        foreach ([0, 1, 2, 3] as $i) {
            $m[$i] = self::plus($m[$i], $left, $dx[$i] - $moved[$i]);
        }
        $this->inverse = $m;
    }
}
