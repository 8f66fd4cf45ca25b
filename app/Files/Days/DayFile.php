<?php

declare(strict_types=1);

namespace App\Files\Days;

use Admek\Core\Instruments\TrackPoint;
use Admek\Core\InvalidValue;
use stdClass;

/** A day as a file of its own, docs/day-file.md: every event as it was told, and the track. */
final class DayFile
{
    private const FORMAT = ['format' => 'admek-day', 'version' => 1];

    public static function write(DayTold $day): string
    {
        return DayTold::json(self::of(array_values($day->events), array_map(
            static fn (TrackPoint $point): array => ['at' => $point->at] + $point->figures, $day->track,
        )));
    }

    /**
     * @param  list<mixed>  $events
     * @param  list<mixed>  $track
     */
    public static function of(array $events, array $track): stdClass
    {
        return (object) (self::FORMAT + ['events' => $events, 'track' => $track]);
    }

    /** @throws InvalidValue naming file, where it is none */
    public static function read(string $text): stdClass
    {
        $file = json_decode($text, false, 64);
        if (! $file instanceof stdClass || array_intersect_key((array) $file, self::FORMAT) !== self::FORMAT) {
            throw InvalidValue::because('file', 'a day of Admek, version 1: its JSON, its log as CSV or its track as GPX');
        }

        return $file;
    }
}
