<?php

declare(strict_types=1);

namespace App\Files\Grounds;

use Admek\Core\Ground\Place;
use Admek\Core\Ground\Structure;
use App\Files\Gpx;

/** Structures out as GPX 1.1 and as GeoJSON (RFC 7946). */
final class GroundWriter
{
    /** @param  list<Structure>  $structures */
    public static function gpx(array $structures): string
    {
        $gpx = new Gpx;
        // The schema has waypoints before tracks.
        usort($structures, static fn (Structure $a, Structure $b): int => (int) $a->kind->isLine() <=> (int) $b->kind->isLine());
        foreach ($structures as $structure) {
            if (! $structure->kind->isLine()) {
                $gpx->point('wpt', $structure->places[0], ['name' => $structure->name]);

                continue;
            }
            $gpx->begin('trk', ['name' => $structure->name, 'type' => $structure->kind->value]);
            $gpx->begin('trkseg');
            foreach ($structure->places as $place) {
                $gpx->point('trkpt', $place);
            }
            $gpx->end();
            $gpx->end();
        }

        return $gpx->text();
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
}
