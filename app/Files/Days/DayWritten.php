<?php

declare(strict_types=1);

namespace App\Files\Days;

use App\Instruments\Track;
use App\Models\Boat;
use App\Models\Trip;

/** A trip's day as a file of a format. */
final class DayWritten
{
    public const TYPES = ['gpx' => 'application/gpx+xml', 'csv' => 'text/csv', 'json' => 'application/json'];

    /** @param  key-of<self::TYPES>  $format */
    public static function of(Trip $trip, Boat $boat, Track $track, string $format): string
    {
        $from = $trip->midnight($boat);
        $day = DayTold::of($trip, $track->between((float) $from->format('U'), (float) $from->addDay()->format('U')));

        return match ($format) {
            'gpx' => DayTrack::write($day),
            'csv' => DayTable::write($day, $boat),
            'json' => DayFile::write($day),
        };
    }
}
