<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

/** How fast she went over the ground, on the average of a while: each point of the track counts for the time to the next. */
final class MadeGood
{
    /** Share of the while that must be known. */
    private const KNOWN = 0.9;

    /** s from one point to the next that a figure speaks for at most. */
    private const GAP = 4 * TrackPoint::EVERY;

    /**
     * @param  iterable<TrackPoint>  $track  of the while, earlier first
     * @param  float  $while  s
     * @return ?float m/s; null where too little of it is known
     */
    public static function average(iterable $track, float $while): ?float
    {
        $way = $known = 0.0;
        $last = null;
        foreach ($track as $point) {
            $speed = $point->figures[Figure::GroundSpeed->value] ?? null;
            if ($speed === null) {
                continue;
            }
            $since = $last === null ? TrackPoint::EVERY : min(self::GAP, $point->at - $last);
            $way += $speed * $since;
            $known += $since;
            $last = $point->at;
        }

        return $known < self::KNOWN * $while || $known <= 0.0 ? null : $way / $known;
    }
}
