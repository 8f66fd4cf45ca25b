<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

/**
 * One step on the way from a straight course into a turn, by the length of the way rather than by the turn's curvature
 * (pseudo-arclength continuation; Keller 1977, in Applications of Bifurcation Theory): where the gear drops toward the
 * turn's centre a hair's breadth more rudder moves it far, and it is followed all the same.
 *
 * @phpstan-import-type Point from Shooting
 */
final readonly class BendStep
{
    /**
     * @param  float  $whole  the turn's own swirl, 1/s
     * @param  float  $scale  m the whole of the turn counts for
     * @param  Point  $sought  where the end is looked for, and in how much of the turn, m of $scale
     * @param  Point  $direction  of the way, in place and turn
     */
    public function __construct(
        private float $whole,
        private float $scale,
        public array $sought,
        private array $direction,
    ) {
    }

    /** Lets the stream turn as far as a shot asks, m of the scale. */
    public function take(Stream $stream, float $turned): void
    {
        $stream->swirl = $this->whole * min(max($turned / $this->scale, 1e-6), 10.0);
    }

    /**
     * How far ahead of this step a shot lies, along the way, m.
     *
     * @param  Point  $at  place and turn
     */
    public function miss(array $at): float
    {
        return $this->direction[0] * ($at[0] - $this->sought[0])
            + $this->direction[1] * ($at[1] - $this->sought[1])
            + $this->direction[2] * ($at[2] - $this->sought[2])
            + $this->direction[3] * ($at[3] - $this->sought[3]);
    }
}
