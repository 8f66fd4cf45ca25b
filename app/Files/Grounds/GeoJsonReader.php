<?php

declare(strict_types=1);

namespace App\Files\Grounds;

use Admek\Core\Ground\Place;
use Admek\Core\Ground\Structure;
use Admek\Core\Ground\StructureKind;
use Admek\Core\Ground\Thinning;
use Admek\Core\InvalidValue;
use JsonException;

/** GeoJSON (RFC 7946): points are spots, lines and the outlines of polygons edges. Read whole or refused at the feature. */
final class GeoJsonReader
{
    /** Bytes: JSON is read as one piece. */
    public const MOST_BYTES = 8_000_000;

    private const MOST = 500;

    /**
     * @return list<Structure>
     *
     * @throws InvalidValue naming the place in the file
     */
    public static function read(string $text): array
    {
        try {
            $file = json_decode($text, true, 12, JSON_THROW_ON_ERROR);
        } catch (JsonException $error) {
            throw InvalidValue::because('file', "JSON ({$error->getMessage()})");
        }
        $type = is_array($file) ? $file['type'] ?? null : null;
        $features = match (true) {
            $type === 'FeatureCollection' && is_array($file['features'] ?? null) => array_values($file['features']),
            $type === 'Feature' => [$file],
            is_array($file) && isset($file['coordinates']) => [['geometry' => $file, 'properties' => []]],
            default => throw InvalidValue::because('file', 'GeoJSON: a FeatureCollection, a Feature or a geometry'),
        };
        $structures = [];
        foreach ($features as $i => $feature) {
            if (! is_array($feature) || ! is_array($feature['geometry'] ?? null)) {
                throw InvalidValue::because("file features.{$i}.geometry", 'a geometry');
            }
            array_push(
                $structures,
                ...self::feature(
                    $i, $feature['geometry'], is_array($feature['properties'] ?? null) ? $feature['properties'] : [],
                ),
            );
            if (count($structures) > self::MOST) {
                throw InvalidValue::because("file features.{$i}", 'the last of at most '.self::MOST);
            }
        }

        return $structures === [] ? throw InvalidValue::because('file', 'GeoJSON with at least one point or line') : $structures;
    }

    /**
     * @param  array<array-key, mixed>  $geometry
     * @param  array<array-key, mixed>  $properties
     * @return list<Structure>
     */
    private static function feature(int $i, array $geometry, array $properties): array
    {
        $at = "file features.{$i}.geometry.coordinates";
        $given = $geometry['coordinates'] ?? null;
        $lines = match ($geometry['type'] ?? null) {
            'Point' => [[$given]],
            'MultiPoint' => array_map(static fn (mixed $one): array => [$one], is_array($given) ? $given : []),
            'LineString' => [$given],
            'MultiLineString', 'Polygon' => $given,
            default => throw InvalidValue::because(
                "file features.{$i}.geometry.type", 'Point, MultiPoint, LineString, MultiLineString or Polygon',
            ),
        };
        $name = is_string($properties['name'] ?? null) && trim($properties['name']) !== ''
            ? mb_substr(trim($properties['name']), 0, 60)
            : null;
        $structures = [];
        foreach (is_array($lines) ? array_values($lines) : [] as $j => $line) {
            if (! is_array($line)) {
                throw InvalidValue::because("{$at}.{$j}", 'a list of positions');
            }
            $thinning = new Thinning;
            foreach (array_values($line) as $k => $position) {
                $thinning->take(self::place("{$at}.{$k}", $position));
            }
            $places = $thinning->places();
            if ($places !== []) {
                $kind = count($places) > 1
                    ? StructureKind::tryFrom(
                        is_string($properties['kind'] ?? null) ? $properties['kind'] : '',
                    ) ?? StructureKind::Edge
                    : StructureKind::Hump;
                $structures[] = new Structure($name ?? ($kind->isLine() ? 'Edge ' : 'Spot ').($i + 1), $kind, $places);
            }
        }

        return $structures;
    }

    private static function place(string $at, mixed $position): Place
    {
        if (
            ! is_array($position)
            || ! is_numeric($position[0] ?? null)
            || ! is_numeric($position[1] ?? null)
            || is_string($position[0])
            || is_string($position[1])
        ) {
            throw InvalidValue::because($at, 'a position: longitude, then latitude');
        }
        if (abs($position[1]) > 90.0 && abs($position[0]) <= 90.0) {
            throw InvalidValue::because($at, 'longitude first, then latitude: here they look swapped');
        }
        try {
            return new Place((float) $position[1], (float) $position[0]);
        } catch (InvalidValue $invalid) {
            throw $invalid->named("{$at} {$invalid->field}");
        }
    }
}
