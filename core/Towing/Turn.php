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

    /**
     * Where a place of a line, found as on a straight course, lies in the turn: a follower on a tether of length a whose
     * track is r₀ from the centre trails by the angle asin(a/r₀) on the circle √(r₀² − a²) (02 §7).
     *
     * @param  array{float, float, float}  $place  m: aft, starboard, down
     * @return array{float, float, float}
     */
    public function bent(array $place): array
    {
        [$aft, $starboard, $down] = $place;
        $track = $this->radius - $starboard * $this->side->sign();
        $angle = asin(max(-1.0, min(1.0, $aft / max($track, 1e-9))));
        $circle = sqrt(max($track * $track - $aft * $aft, (self::LEAST_FACTOR * $this->radius) ** 2));

        return [$circle * sin($angle), $this->side->sign() * ($this->radius - $circle * cos($angle)), $down];
    }
}
