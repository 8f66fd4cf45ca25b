<?php

declare(strict_types=1);

namespace App\Files\Days;

use App\Files\ZipStream;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\KeptEvents;
use App\Models\Trip;

/** Every day that was fished as a file of its own, packed into one; each comes back in as a day's file does. */
final class DaysPacked
{
    /**
     * @param  'csv'|'gpx'  $format
     * @return iterable<string> bytes of the file, day by day
     */
    public static function of(string $format, Boat $boat, Track $track): iterable
    {
        $zip = new ZipStream;
        // An archive of nothing would be no archive.
        yield $zip->file('boat.txt', "{$boat->name}\n", now());
        $fished = array_keys(KeptEvents::latest());
        foreach ($boat->trips()->with('bites')->whereIn('id', $fished)->orderBy('date')->lazy(1) as $trip) {
            yield $zip->file(self::name($trip, $format), DayWritten::of($trip, $boat, $track, $format), $trip->date);
        }
        yield $zip->end();
    }

    /** Trips of one day are told apart by their number. */
    private static function name(Trip $trip, string $format): string
    {
        return "day-{$trip->date->format('Y-m-d')}-{$trip->id}.{$format}";
    }
}
