<?php

declare(strict_types=1);

namespace App\Days;

use App\Models\Boat;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\Locker;

/** Names how everything stands that a look at the day follows from, but for what is heard. */
final class StandOfThings
{
    /**
     * Of events, the plan, the trip with its water, the boat with her books, gear and chart: another one where any of them is.
     *
     * @param  string  $what  is looked at
     */
    public static function key(Trip $trip, Spread $spread, Boat $boat, Locker $locker, string $what): string
    {
        return implode('-', [
            EventLog::of($trip)->version(), $spread->version, $locker->version(),
            hash('xxh3', serialize([
                $what, $spread->id, $trip->getAttributes(), $trip->surfaceTemperature(), $boat->getAttributes(),
                $boat->chart()->toBase()->value('grid'),
            ])),
        ]);
    }
}
