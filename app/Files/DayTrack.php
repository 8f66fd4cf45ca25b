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
use XMLWriter;

/** Where a day went, as GPX 1.1: the track, and bites and markers as waypoints. */
final class DayTrack
{
    /** s without a point after which a new segment begins. */
    private const GAP = 60.0;

    /** @param  iterable<TrackPoint>  $track */
    public static function gpx(Trip $trip, Day $day, iterable $track): string
    {
        $xml = new XMLWriter;
        $xml->openMemory();
        $xml->setIndent(true);
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElement('gpx');
        foreach (['version' => '1.1', 'creator' => 'Admek', 'xmlns' => 'http://www.topografix.com/GPX/1/1'] as $name => $value) {
            $xml->writeAttribute($name, $value);
        }
        foreach ($trip->bites as $bite) {
            if ($bite->latitude !== null && $bite->longitude !== null) {
                $where = new Place($bite->latitude, $bite->longitude);
                self::point($xml, 'wpt', $where, (float) $bite->bitten_at->format('U'), self::named($bite), 'bite');
            }
        }
        foreach ($day->log as $event) {
            [$latitude, $longitude] = [$event->figure('latitude'), $event->figure('longitude')];
            if ($event->kind === EventKind::Marker && $latitude !== null && $longitude !== null) {
                $note = $event->word('note') ?? $event->kind->words();
                self::point($xml, 'wpt', new Place($latitude, $longitude), $event->at, $note, 'marker');
            }
        }
        $xml->startElement('trk');
        $xml->writeElement('name', $trip->date->format('Y-m-d'));
        $xml->startElement('trkseg');
        $last = null;
        foreach ($track as $point) {
            $place = $point->place();
            if ($place === null) {
                continue;
            }
            if ($last !== null && $point->at - $last > self::GAP) {
                $xml->endElement();
                $xml->startElement('trkseg');
            }
            self::point($xml, 'trkpt', $place, $point->at);
            $last = $point->at;
        }
        $xml->endElement();
        $xml->endElement();
        $xml->endElement();
        $xml->endDocument();

        return $xml->outputMemory();
    }

    private static function named(Bite $bite): string
    {
        $species = Species::tryFrom((string) $bite->species)?->label();

        return implode(' ', array_filter([$bite->holder, $species, $bite->outcome]));
    }

    private static function point(
        XMLWriter $xml, string $element, Place $place, float $at, ?string $name = null, ?string $type = null,
    ): void {
        $xml->startElement($element);
        $xml->writeAttribute('lat', sprintf('%.7F', $place->latitude));
        $xml->writeAttribute('lon', sprintf('%.7F', $place->longitude));
        $xml->writeElement('time', gmdate('Y-m-d\TH:i:s\Z', (int) round($at)));
        foreach (['name' => $name, 'type' => $type] as $tag => $text) {
            if ($text !== null) {
                $xml->writeElement($tag, $text);
            }
        }
        $xml->endElement();
    }
}
