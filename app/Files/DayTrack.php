<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\Day\Day;
use Admek\Core\Day\EventKind;
use Admek\Core\Fish\Species;
use Admek\Core\Ground\Place;
use Admek\Core\Instruments\TrackPoint;
use App\Models\Bite;
use App\Models\Trip;

/** Where a day went, as GPX 1.1: the track, and bites and markers as waypoints. */
final class DayTrack
{
    /** s without a point after which a new segment begins. */
    private const GAP = 60.0;

    /** @param  iterable<TrackPoint>  $track */
    public static function gpx(Trip $trip, Day $day, iterable $track): string
    {
        $gpx = new Gpx;
        foreach ($trip->bites as $bite) {
            if ($bite->latitude !== null && $bite->longitude !== null) {
                $gpx->point('wpt', new Place($bite->latitude, $bite->longitude), [
                    'time' => self::time((float) $bite->bitten_at->format('U')), 'name' => self::named($bite), 'type' => 'bite',
                ]);
            }
        }
        foreach ($day->log as $event) {
            [$latitude, $longitude] = [$event->figure('latitude'), $event->figure('longitude')];
            if ($event->kind === EventKind::Marker && $latitude !== null && $longitude !== null) {
                $gpx->point('wpt', new Place($latitude, $longitude), [
                    'time' => self::time($event->at), 'name' => $event->word('note') ?? $event->kind->words(), 'type' => 'marker',
                ]);
            }
        }
        $gpx->begin('trk', ['name' => $trip->date->format('Y-m-d')]);
        $gpx->begin('trkseg');
        $last = null;
        foreach ($track as $point) {
            $place = $point->place();
            if ($place === null) {
                continue;
            }
            if ($last !== null && $point->at - $last > self::GAP) {
                $gpx->end();
                $gpx->begin('trkseg');
            }
            $gpx->point('trkpt', $place, ['time' => self::time($point->at)]);
            $last = $point->at;
        }
        $gpx->end();
        $gpx->end();

        return $gpx->text();
    }

    private static function named(Bite $bite): string
    {
        $species = Species::tryFrom((string) $bite->species)?->label();

        return implode(' ', array_filter([$bite->holder, $species, $bite->outcome]));
    }

    private static function time(float $at): string
    {
        return gmdate('Y-m-d\TH:i:s\Z', (int) round($at));
    }
}
