<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use Admek\Core\InvalidValue;

/** A steady turn of the boat: its radius in metres and the side its centre lies on. */
final readonly class Turn
{
    /** @throws InvalidValue naming the field */
    public function __construct(public float $radius, public Side $side)
    {
        InvalidValue::unlessBetween('radius', $radius, 1, 1e6, 'm');
    }

    /**
     * Rate at which the boat's frame turns, 1/s, positive to starboard.
     *
     * @param  float  $speed  m/s through the surface water
     */
    public function swirl(float $speed): float
    {
        return $this->side->sign() * $speed / $this->radius;
    }
}
