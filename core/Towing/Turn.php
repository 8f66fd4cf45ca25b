<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use Admek\Core\InvalidValue;

/** A steady turn of the boat: its radius in metres and the side its centre lies on. */
final readonly class Turn
{
    /** A lure never slows below this share of the boat's speed however tight the turn (02 §7). */
    private const LEAST_FACTOR = 0.2;

    /** @throws InvalidValue naming the field */
    public function __construct(public float $radius, public Side $side)
    {
        InvalidValue::unlessBetween('radius', $radius, 1, 1e6, 'm');
    }

    /**
     * Speed through the water of gear trailing on a tether, as a share of the boat's: a follower a metres aft whose
     * track lies r₀ from the centre rides radius √(r₀² − a²), the tractrix' steady circle.
     *
     * @param  float  $aft  m behind the boat
     * @param  float  $starboard  m to starboard of her middle
     */
    public function speedFactor(float $aft, float $starboard): float
    {
        $track = $this->radius - $starboard * $this->side->sign();
        $least = (self::LEAST_FACTOR * $this->radius) ** 2;

        return sqrt(max($track * $track - $aft * $aft, $least)) / $this->radius;
    }
}
