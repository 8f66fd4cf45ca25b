<?php

declare(strict_types=1);

namespace App\Files\Days;

use App\Instruments\Track;
use App\Models\Boat;
use App\Models\KeptEvents;
use App\Models\Trip;
use RuntimeException;
use ZipArchive;

/** Every day that was fished as a file of its own, packed into one; each comes back in as a day's file does. */
final class DaysPacked
{
    /**
     * @param  'csv'|'gpx'  $format
     * @return string path of the file, which is the caller's to remove
     */
    public static function write(string $format, Boat $boat, Track $track): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'admek-days-');
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The days could not be packed.');
        }
        // An archive of nothing would be no archive.
        $zip->addFromString('boat.txt', "{$boat->name}\n");
        foreach ($boat->trips()->with('bites')->orderBy('date')->get() as $trip) {
            if (KeptEvents::version($trip) > 0) {
                $zip->addFromString(self::name($trip, $format), DayWritten::of($trip, $boat, $track, $format));
            }
        }
        $zip->close();

        return $path;
    }

    /** Trips of one day are told apart by their number. */
    private static function name(Trip $trip, string $format): string
    {
        return "day-{$trip->date->format('Y-m-d')}-{$trip->id}.{$format}";
    }
}
