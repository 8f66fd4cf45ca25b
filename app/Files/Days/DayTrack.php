<?php

declare(strict_types=1);

namespace App\Files\Days;

use Admek\Core\Day\Event;
use Admek\Core\Fish\Species;
use Admek\Core\Ground\Place;
use Admek\Core\Instruments\Figure;
use Admek\Core\Instruments\TrackPoint;
use App\Files\Gpx;
use App\Models\Bite;

/**
 * Where a day went, as GPX 1.1: the track, and bites and markers as waypoints; in its extensions what it takes to come back in
 * unchanged.
 */
final class DayTrack
{
    /** s without a point after which a new segment begins. */
    private const GAP = 60.0;

    public static function write(DayTold $day): string
    {
        $gpx = new Gpx;
        $log = $day->log();
        foreach ($day->trip->bites as $bite) {
            if ($bite->latitude !== null && $bite->longitude !== null) {
                $gpx->point('wpt', new Place($bite->latitude, $bite->longitude), [
                    'time' => self::time($day->events[$bite->uuid]->at), 'name' => self::named($bite), 'type' => 'bite',
                ], self::events($day, ...array_filter(
                    $log, static fn (Event $event): bool => $event->id === $bite->uuid || $event->of === $bite->uuid,
                )));
            }
        }
        foreach ($log as $event) {
            [$latitude, $longitude] = [$event->figure('latitude'), $event->figure('longitude')];
            if ($event->kind->isOfPlace() && $latitude !== null && $longitude !== null) {
                $gpx->point('wpt', new Place($latitude, $longitude), [
                    'time' => self::time($event->at), 'name' => $event->word('note') ?? $event->kind->words(),
                    'type' => $event->kind->value,
                ], self::events($day, $event));
            }
        }
        $gpx->begin('trk', ['name' => $day->trip->date->format('Y-m-d')]);
        $gpx->track(self::points($day->track));
        $gpx->end();

        return $gpx->text();
    }

    /**
     * @param  iterable<TrackPoint>  $track
     * @return iterable<?array{Place, string, string}> place, time and the other figures; null where a gap begins another segment
     */
    private static function points(iterable $track): iterable
    {
        $last = null;
        foreach ($track as $point) {
            $place = $point->place();
            if ($place === null) {
                continue;
            }
            if ($last !== null && $point->at - $last > self::GAP) {
                yield null;
            }
            $read = $point->figures;
            unset($read[Figure::Latitude->value], $read[Figure::Longitude->value]);
            yield [$place, self::time($point->at), $read === [] ? '' : DayTold::json($read)];
            $last = $point->at;
        }
    }

    /** @return array{event: list<string>} */
    private static function events(DayTold $day, Event ...$events): array
    {
        return ['event' => array_map(
            static fn (Event $event): string => DayTold::json($day->events[$event->id]), array_values($events),
        )];
    }

    private static function named(Bite $bite): string
    {
        $species = Species::tryFrom((string) $bite->species)?->label();

        return implode(' ', array_filter([$bite->holder, $species, $bite->outcome]));
    }

    private static function time(float $at): string
    {
        static $of = [-1, ''];
        $ms = (int) round(1000.0 * $at);
        $second = intdiv($ms, 1000);
        $minute = intdiv($second, 60);
        // Most points of a track are of the same minute as the one before.
        if ($of[0] !== $minute) {
            $of = [$minute, gmdate('Y-m-d\TH:i:', $second)];
        }

        return sprintf('%s%02d.%03dZ', $of[1], $second % 60, $ms % 1000);
    }
}
