<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

use Admek\Core\Towing\Medium\Salinity;

/** What a trip is begun with, by its fields, in SI. */
final class FreshTrip
{
    /** What is taken of a trip that does not say. */
    public const UNSAID = [
        'water' => Salinity::Fresh->value, 'crew' => 2, 'crew_fish' => false, 'bait_cure' => BaitCure::Brine->value,
        'bait_strips' => true,
    ];

    /** What holds from day to day is as the boat's last trip had it; this is her first. */
    public const CARRIED_ON = self::UNSAID + [
        'lines_in' => '06:00', 'back_by' => '12:00', 'port' => null, 'ground' => '', 'run' => null, 'latitude' => null,
        'longitude' => null, 'salinity' => null, 'species' => [],
    ];

    /** What holds too where the next day goes to the same ground. */
    public const SAME_GROUND = ['bottom', 'bottom_to', 'clearance', 'structure', 'profile_name', 'profile', 'pass'];

    /** Another party, another day's depth and warmth; and limits are looked up for the day, never carried on. */
    public const ANEW = [
        'anglers' => 4, 'guests' => null, 'bottom' => null, 'bottom_to' => null, 'water_temperature' => null,
        'lines_per_angler' => null,
        'line_limit' => null, 'limit_source' => null, 'limits_looked_up' => null, 'catch_limits' => null,
    ];
}
