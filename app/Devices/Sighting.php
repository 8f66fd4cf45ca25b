<?php

declare(strict_types=1);

namespace App\Devices;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Config;

/** When a device was seen last: noted beside what is told while Admek is served, and now and then kept with the data. */
final class Sighting
{
    public static function note(int $device): void
    {
        $file = self::file($device);
        if ($file !== null) {
            @touch($file, now()->getTimestamp());
        }
    }

    /** @param  ?CarbonImmutable  $kept  as it is kept with the data */
    public static function of(int $device, ?CarbonImmutable $kept): ?CarbonImmutable
    {
        $file = self::file($device);
        clearstatcache();
        $noted = $file !== null && is_file($file) ? (int) filemtime($file) : null;

        return $noted === null || ($kept !== null && $noted < $kept->getTimestamp())
            ? $kept : CarbonImmutable::createFromTimestampUTC($noted);
    }

    private static function file(int $device): ?string
    {
        $told = Config::get('admek.told');

        return is_string($told) ? "{$told}-seen-{$device}" : null;
    }
}
