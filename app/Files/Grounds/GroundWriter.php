<?php

declare(strict_types=1);

namespace App\Files\Grounds;

use Admek\Core\Ground\Place;
use Admek\Core\Ground\Structure;
use XMLWriter;

/** Structures out as GPX 1.1 and as GeoJSON (RFC 7946). */
final class GroundWriter
{
    /** @param  list<Structure>  $structures */
    public static function gpx(array $structures): string
    {
        $xml = new XMLWriter;
        $xml->openMemory();
        $xml->setIndent(true);
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElement('gpx');
        foreach (['version' => '1.1', 'creator' => 'Admek', 'xmlns' => 'http://www.topografix.com/GPX/1/1'] as $name => $value) {
            $xml->writeAttribute($name, $value);
        }
        // The schema has waypoints before tracks.
        usort($structures, static fn (Structure $a, Structure $b): int => (int) $a->kind->isLine() <=> (int) $b->kind->isLine());
        foreach ($structures as $structure) {
            if (! $structure->kind->isLine()) {
                self::point($xml, 'wpt', $structure->places[0], $structure->name);

                continue;
            }
            $xml->startElement('trk');
            $xml->writeElement('name', $structure->name);
            $xml->writeElement('type', $structure->kind->value);
            $xml->startElement('trkseg');
            foreach ($structure->places as $place) {
                self::point($xml, 'trkpt', $place);
            }
            $xml->endElement();
            $xml->endElement();
        }
        $xml->endElement();
        $xml->endDocument();

        return $xml->outputMemory();
    }

    /** @param  list<Structure>  $structures */
    public static function geoJson(array $structures): string
    {
        $position = static fn (Place $place): array => [round($place->longitude, 7), round($place->latitude, 7)];

        return json_encode(['type' => 'FeatureCollection', 'features' => array_map(static fn (Structure $structure): array => [
            'type' => 'Feature',
            'properties' => ['name' => $structure->name, 'kind' => $structure->kind->value],
            'geometry' => $structure->kind->isLine()
                ? ['type' => 'LineString', 'coordinates' => array_map($position, $structure->places)]
                : ['type' => 'Point', 'coordinates' => $position($structure->places[0])],
        ], $structures)], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT);
    }

    private static function point(XMLWriter $xml, string $element, Place $place, ?string $name = null): void
    {
        $xml->startElement($element);
        $xml->writeAttribute('lat', sprintf('%.7F', $place->latitude));
        $xml->writeAttribute('lon', sprintf('%.7F', $place->longitude));
        if ($name !== null) {
            $xml->writeElement('name', $name);
        }
        $xml->endElement();
    }
}
