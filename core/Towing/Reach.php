<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

/**
 * The inverse: how much of a control (m of let-out or cable, colours) brings a lure to a wanted depth.
 * Where none does, the deepest this gear gets and the control that takes it there (docs/towing-model.md, Inverse).
 */
final readonly class Reach
{
    /** Places tried to bracket the depth, before refining. */
    private const PROBES = 24;

    /** How far to each side of a control that nearly does, as a part of it, is looked first. */
    private const ABOUT = 0.25;

    private const CLOSE_ENOUGH = 0.005;

    private function __construct(public bool $reached, public float $control, public float $depth)
    {
    }

    /**
     * @param  callable(float): float  $depthOf  depth in m of the lure for a control; −INF where it has no steady run
     * @param  float  $least  control's range
     * @param  float  $most  control's range
     * @param  ?float  $near  a control that nearly does: of several that bring it there, one about as far out is found
     */
    public static function find(callable $depthOf, float $wanted, float $least, float $most, ?float $near = null): self
    {
        if ($near !== null) {
            $about = self::ABOUT * abs($near);
            [$low, $high] = [max($least, min($most, $near - $about)), max($least, min($most, $near + $about))];
            [$lowDepth, $highDepth] = [$depthOf($low), $depthOf($high)];
            if ($lowDepth < $wanted && $highDepth >= $wanted) {
                return self::refine($depthOf, $wanted, $low, $lowDepth, $high, $highDepth);
            }
        }
        $best = new self(false, $least, -INF);
        [$low, $lowDepth] = [$least, $depthOf($least)];
        if ($lowDepth >= $wanted) {
            return new self($lowDepth - $wanted < self::CLOSE_ENOUGH, $low, $lowDepth);
        }
        for ($i = 1; $i <= self::PROBES; $i++) {
            // Probes lie closer where little is out, since there a foot let out is nearly a foot down.
            $high = $least + ($most - $least) * ($i / self::PROBES) ** 2;
            $highDepth = $depthOf($high);
            if ($highDepth >= $wanted) {
                return self::refine($depthOf, $wanted, $low, $lowDepth, $high, $highDepth);
            }
            if ($highDepth > $best->depth) {
                $best = new self(false, $high, $highDepth);
            }
            [$low, $lowDepth] = [$high, $highDepth];
        }

        return $best;
    }

    /** The same, told of a control that was asked for with its sign turned. */
    public function turnedRound(): self
    {
        return new self($this->reached, -$this->control, $this->depth);
    }

    /** @param  callable(float): float  $depthOf */
    private static function refine(
        callable $depthOf, float $wanted, float $low, float $lowDepth, float $high, float $highDepth,
    ): self {
        for ($i = 0; $i < 60; $i++) {
            $control = $i % 3 === 2 || ! is_finite($lowDepth)
                ? 0.5 * ($low + $high)
                : $low + ($high - $low) * ($wanted - $lowDepth) / ($highDepth - $lowDepth);
            $depth = $depthOf($control);
            if (abs($depth - $wanted) <= self::CLOSE_ENOUGH) {
                return new self(true, $control, $depth);
            }
            $depth < $wanted ? [$low, $lowDepth] = [$control, $depth] : [$high, $highDepth] = [$control, $depth];
        }

        return new self(true, $high, $highDepth);
    }
}
