<?php

declare(strict_types=1);

namespace App\Files\Days;

use Admek\Core\Instruments\TrackPoint;
use Admek\Core\InvalidValue;
use stdClass;

/** A day as a file of its own, docs/day-file.md: every event as it was told, and the track. */
final class DayFile
{
    /** Points of a track, more than a plotter keeps of a long day, one a second. */
    public const MOST_POINTS = 50_000;

    private const FORMAT = ['format' => 'admek-day', 'version' => 1];

    public static function write(DayTold $day): string
    {
        $track = array_map(
            static fn (TrackPoint $point): array => ['at' => $point->at] + $point->figures, [...$day->track],
        );

        return DayTold::json(self::of(array_values($day->events), array_values($track)));
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

    /** @throws InvalidValue naming track, or where it has come to */
    public static function mustBeTakenIn(int $points, string $field = 'track'): void
    {
        if ($points > self::MOST_POINTS) {
            throw InvalidValue::because($field, 'a day of at most '.self::MOST_POINTS.' points of track');
        }
    }
}
