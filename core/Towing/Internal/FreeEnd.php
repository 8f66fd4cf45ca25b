<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Load;

/**
 * Finds how deep a chain's free end runs so that its top lands at a wanted depth.
 *
 * In uniform flow the wet shape does not depend on depth, so one or two corrections settle it; sheared flow and the
 * stretch in air take a few more. What is found is kept as the next start. An end that would ride above the water
 * is held at the surface by whatever part of its weight or float the water no longer carries.
 */
final class FreeEnd
{
    /** Accepted miss at the top, m. */
    private const MISS = 1e-4;

    /** A line skimming the surface leaps a little as its last inches come out: accepted once the bracket has closed, m. */
    private const LEAP = 0.01;

    private const MOST_MARCHES = 80;

    /** How much deeper than the top the free end lay when last placed, m. */
    private float $below = INF;

    /** dz_top/dz_end at the last placing. */
    private float $slope = 1.0;

    private float $support = 0.0;

    /** @param  list<Element>  $elements */
    public function __construct(public readonly March $march, public readonly array $elements)
    {
    }

    /** Starts the next placing from where a like chain, in like water, was found to lie. */
    public function startLike(self $other): void
    {
        [$this->below, $this->slope] = [$other->below, $other->slope];
        $this->march->startBranchesLike($other->march);
    }

    /**
     * Leaves the march at the top of the placed chain.
     *
     * @throws CannotTow when it has no steady shape
     */
    public function place(float $top, ?float $grain = null): void
    {
        $this->support = 0.0;
        $floats = $this->elements[0] instanceof Body;
        $end = $this->findDepth($top, $floats ? 0.0 : -INF);
        if ($end === null) {
            $support = $this->findSupport($top);
            $this->support = $support ?? 0.0;
            // Too short to reach the water even hanging straight down: it hangs in the air.
            $end = $support === null ? $this->findDepth($top, -INF) ?? 0.0 : 0.0;
        }
        if ($grain !== null) {
            $this->march->run($this->elements, $end, $this->support, $grain);
        }
        $this->flagSurfaced();
    }

    /**
     * The loads along the chain with its top at a depth, part by part from the free end: each is the difference the part
     * makes to what the march carries.
     *
     * @return list<Load>
     *
     * @throws CannotTow
     */
    public function loads(float $top): array
    {
        $this->place($top);
        $end = $top + $this->below;
        $march = $this->march;
        $loads = [];
        $before = [0.0, 0.0, -$this->support];
        foreach ($this->elements as $i => $element) {
            $march->run(array_slice($this->elements, 0, $i + 1), $this->support > 0.0 ? 0.0 : $end, $this->support);
            $pull = [$march->fx, $march->fy, $march->fz];
            $across = hypot($pull[0], $pull[1]);
            $loads[] = new Load(
                match (true) {
                    $element instanceof Body => 'body',
                    $element instanceof Line => 'line',
                    default => 'branch',
                },
                $element instanceof Body ? $element->name : null,
                $element instanceof Line ? $element->length : 0.0,
                [$pull[0] - $before[0], $pull[1] - $before[1], $pull[2] - $before[2]],
                hypot($across, $pull[2]),
                rad2deg(atan2($pull[2], $across)),
                $march->z,
            );
            $before = $pull;
        }

        return $loads;
    }

    /**
     * Secant kept inside the bracket it has found so far.
     *
     * @param  float  $shallowest  the free end is not placed above this depth
     * @return ?float null when even there the top comes out too deep: the end would ride above it
     *
     * @throws CannotTow when no depth of the free end brings the top there
     */
    private function findDepth(float $top, float $shallowest): ?float
    {
        $march = $this->march;
        if ($this->below === INF) {
            // Deep enough that nothing is dry: in uniform flow this already gives the wet shape.
            $march->run($this->elements, 1000.0);
            $this->below = 1000.0 - $march->z;
        }
        $end = max($top + $this->below, $shallowest);
        $slope = $this->slope;
        $tooShallow = $tooDeep = $lastEnd = $lastMiss = null;
        for ($i = 0; $i < self::MOST_MARCHES; $i++) {
            $march->run($this->elements, $end);
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
    private function findSupport(float $top): ?float
    {
        $miss = function (float $support) use ($top): float {
            $this->march->run($this->elements, 0.0, $support);

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

    private function flagSurfaced(): void
    {
        $first = $this->elements[0];
        if ($this->support > 0.0 && $first instanceof Body && $first->name !== null) {
            $this->march->surfaced[] = $first->name;
        }
        foreach ($this->march->bodies as $name => $place) {
            if ($place[2] < -self::MISS && ! in_array($name, $this->march->surfaced, true)) {
                $this->march->surfaced[] = $name;
            }
            if ($place[2] < 0.0) {
                $this->march->bodies[$name] = [$place[0], $place[1], 0.0];
            }
        }
    }
}
