<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Element;

/**
 * Finds how deep a chain's free end runs on a straight course. In uniform flow the wet shape does not depend on depth, so one
 * or two corrections do; sheared flow and the stretch in air take a few more. What is found is kept as the next start.
 */
final class DepthSearch
{
    /** Accepted miss at the top, m. */
    public const MISS = 1e-4;

    /** A line skimming the surface leaps a little as its last inches come out: accepted once the bracket has closed, m. */
    public const LEAP = 0.01;

    private const MOST_MARCHES = 80;

    /** How much deeper than the top the free end lay when last found, m. */
    private float $below = INF;

    /** dz_top/dz_end there. */
    private float $slope = 1.0;

    /** @param  list<Element>  $elements */
    public function __construct(private readonly March $march, private readonly array $elements)
    {
    }

    public function startLike(self $other): void
    {
        [$this->below, $this->slope] = [$other->below, $other->slope];
    }

    /**
     * Secant kept inside the bracket it has found so far.
     *
     * @param  float  $shallowest  the free end is not placed above this depth
     * @return ?float null when even there the top comes out too deep: the end would ride above it
     *
     * @throws CannotTow when no depth of the free end brings the top there
     */
    public function depth(float $top, float $shallowest): ?float
    {
        $march = $this->march;
        if ($this->below === INF) {
            // Deep enough that nothing is dry: in uniform flow this already gives the wet shape.
            $march->run($this->elements, 0.0, 0.0, 1000.0);
            $this->below = 1000.0 - $march->z;
        }
        $end = max($top + $this->below, $shallowest);
        $slope = $this->slope;
        $tooShallow = $tooDeep = $lastEnd = $lastMiss = null;
        for ($i = 0; $i < self::MOST_MARCHES; $i++) {
            $march->run($this->elements, 0.0, 0.0, $end);
            $miss = $march->z - $top;
            $closed = $tooShallow !== null && $tooDeep !== null && $tooDeep - $tooShallow < 1e-7;
            if (abs($miss) <= ($closed ? self::LEAP : self::MISS)) {
                $this->below = $end - $top;
                $this->slope = $slope;

                return $end;
            }
            if ($miss > 0.0 && $end <= $shallowest) {
                return null;
            }
            $miss > 0.0 ? $tooDeep = $end : $tooShallow = $end;
            if ($lastEnd !== null && $end !== $lastEnd && ($miss - $lastMiss) / ($end - $lastEnd) > 1e-3) {
                $slope = ($miss - $lastMiss) / ($end - $lastEnd);
            }
            [$lastEnd, $lastMiss] = [$end, $miss];
            $end = max($end - $miss / $slope, $shallowest);
            if ($tooShallow !== null && $tooDeep !== null && ($end <= $tooShallow || $end >= $tooDeep || $i % 4 === 3)) {
                $end = 0.5 * ($tooShallow + $tooDeep);
            }
        }
        throw CannotTow::noBalance();
    }

    /** The force (N, down) that holds the free end at the surface, null when the line is too short to reach it. */
    public function support(float $top): ?float
    {
        $miss = function (float $support) use ($top): float {
            $this->march->run($this->elements, 0.0, 0.0, 0.0, $support);

            return $this->march->z - $top;
        };
        $low = 0.0;
        $lowMiss = $miss($low);
        $high = max(0.05, hypot($this->march->fx, $this->march->fy));
        for ($i = 0; ($highMiss = $miss($high)) > 0.0; $i++) {
            if ($i === 12) {
                return null;
            }
            [$low, $lowMiss] = [$high, $highMiss];
            $high *= 3.0;
        }
        for ($i = 0; $i < 100; $i++) {
            // Regula falsi, Illinois variant.
            $support = ($low * $highMiss - $high * $lowMiss) / ($highMiss - $lowMiss);
            $at = $miss($support);
            if (abs($at) <= self::MISS) {
                return max($support, 1e-12);
            }
            if ($at > 0.0) {
                [$low, $lowMiss] = [$support, $at];
                $highMiss *= 0.5;
            } else {
                [$high, $highMiss] = [$support, $at];
                $lowMiss *= 0.5;
            }
        }
        throw CannotTow::noBalance();
    }
}
