<?php

declare(strict_types=1);

namespace App\Files\Grounds;

use Admek\Core\Ground\Place;
use Admek\Core\Ground\Structure;
use Admek\Core\Ground\StructureKind;
use Admek\Core\Ground\Thinning;
use Admek\Core\InvalidValue;
use App\Files\GpxStream;
use Closure;

/**
 * Spots and tracks from GPX, read as it streams: waypoints are spots, routes and track segments lines.
 */
final class GpxReader
{
    /** Points from one telling of how many there are to the next. */
    private const TOLD_EVERY = 5000;

    private const MOST = 500;

    /** @var list<Structure> */
    private array $structures = [];

    private ?GpxStream $gpx = null;

    private ?Thinning $line = null;

    private string $name = '';

    private ?Place $spot = null;

    private int $points = 0;

    /** @param  ?Closure(int): void  $at */
    private function __construct(private readonly ?Closure $at)
    {
    }

    /**
     * @param  string  $path  of a file or stream
     * @param  ?Closure(int): void  $at  told how many points are read, every few thousand
     * @return list<Structure>
     *
     * @throws InvalidValue naming the line
     */
    public static function read(string $path, ?Closure $at = null): array
    {
        $reader = new self($at);
        GpxStream::read($path, $reader->opened(...), $reader->closed(...));
        if ($reader->structures === []) {
            throw InvalidValue::because('file', 'GPX with at least one waypoint, route or track');
        }

        return $reader->structures;
    }

    private function opened(GpxStream $gpx, string $element): void
    {
        $this->gpx = $gpx;
        match ($element) {
            'rte', 'trkseg' => $this->line = new Thinning,
            'trk' => $this->name = '',
            'wpt' => $this->spotted($gpx->place()),
            'rtept', 'trkpt' => $this->taken($gpx->place()),
            'name' => $this->named($gpx->text()),
            default => null,
        };
        if ($element === 'rte') {
            $this->name = '';
        }
    }

    private function closed(string $element): void
    {
        if ($element === 'wpt' && $this->spot !== null) {
            $this->keep(StructureKind::Hump, 'Spot', [$this->spot]);
            $this->spot = null;
        } elseif (in_array($element, ['rte', 'trkseg'], true) && $this->line !== null) {
            $places = $this->line->places();
            $this->line = null;
            if (count($places) > 1) {
                $this->keep(StructureKind::Track, 'Track', $places);
            }
        }
    }

    private function taken(Place $place): void
    {
        $this->line?->take($place);
        if (++$this->points % self::TOLD_EVERY === 0 && $this->at !== null) {
            ($this->at)($this->points);
        }
    }

    private function spotted(Place $place): void
    {
        $this->spot = $place;
        $this->name = '';
    }

    /** Of a waypoint, route or track; names of the points of a line say nothing of the line. */
    private function named(string $text): void
    {
        if ($text !== '' && ($this->name === '' || $this->line === null)) {
            $this->name = mb_substr($text, 0, 60);
        }
    }

    /** @param  non-empty-list<Place>  $places */
    private function keep(StructureKind $kind, string $otherwise, array $places): void
    {
        if (count($this->structures) === self::MOST) {
            throw InvalidValue::because(
                (string) $this->gpx?->line(), 'the last of at most '.self::MOST.' waypoints, routes and tracks',
            );
        }
        $this->structures[] = new Structure(
            $this->name === '' ? $otherwise.' '.(count($this->structures) + 1) : $this->name, $kind, $places,
        );
    }
}
