<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

/** What a trip is begun with: as the last one was in what holds from day to day, else as most trips are. */
final class FreshTrip
{
    /** What is taken of a trip that does not say. */
    public const UNSAID = ['water' => 'fresh', 'crew' => 2, 'crew_fish' => false, 'bait_cure' => 'brine', 'bait_strips' => true];

    /** A boat's first. */
    public const FIRST = self::UNSAID + [
        'lines_in' => '06:00', 'back_by' => '12:00', 'port' => null, 'ground' => '', 'run' => null, 'latitude' => null,
        'longitude' => null, 'salinity' => null, 'species' => [],
    ];

    /** Of each trip anew: who comes is another party, and the depth and warmth are another day's. */
    public const ANEW = ['anglers' => 4, 'guests' => null, 'bottom' => null, 'water_temperature' => null];

    /** Limits are looked up for the day, never carried on. */
    public const LOOKED_UP = [
        'lines_per_angler' => null, 'line_limit' => null, 'limit_source' => null, 'limits_looked_up' => null,
        'catch_limits' => null,
    ];

    /**
     * @param  array<string, mixed>  $last  the boat's last trip by its fields; empty where there is none
     * @return array<string, mixed> a field of a trip each, but for its day
     */
    public static function after(array $last): array
    {
        return array_intersect_key($last, self::FIRST) + self::FIRST + self::ANEW + self::LOOKED_UP;
    }
}
