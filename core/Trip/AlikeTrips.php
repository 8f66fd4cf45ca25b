<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

/** Trips alike enough that the spread of one is worth beginning the other's with. */
final class AlikeTrips
{
    /** How much deeper or shallower the other's bottom may be. */
    private const BOTTOMS = 2.0;

    /**
     * A fish in common, and a bottom of about the same depth where both are known.
     *
     * @param  list<string>  $species  of the one
     * @param  ?float  $bottom  m
     * @param  list<string>  $others  species of the other
     * @param  ?float  $other  m
     */
    public static function are(array $species, ?float $bottom, array $others, ?float $other): bool
    {
        return array_intersect($species, $others) !== []
            && ($bottom === null || $other === null || max($bottom, $other) <= self::BOTTOMS * min($bottom, $other));
    }
}
