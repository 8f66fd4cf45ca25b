<?php

declare(strict_types=1);

namespace App\Files\Days;

use Admek\Core\Day\EventKind;
use Admek\Core\Ground\Place;
use Admek\Core\InvalidValue;
use App\Files\Gpx;
use App\Files\GpxStream;
use DateTimeImmutable;
use Ramsey\Uuid\Uuid;
use stdClass;

/**
 * A day from its GPX: what Admek wrote as it was told, and of any other the track by its times and waypoints with a time as
 * markers.
 */
final class DayTrackReader
{
    private ?GpxStream $gpx = null;

    /** Of the waypoint or point of the track that is read. */
    private ?Place $place = null;

    private string $line = '';

    private string $time = '';

    private string $name = '';

    /** @var list<mixed> */
    private array $told = [];

    private mixed $read = null;

    /** @var list<mixed> */
    private array $events = [];

    /** @var list<string> where each stands */
    private array $places = [];

    /** @var list<mixed> */
    private array $track = [];

    /**
     * @param  ?list<string>  $places
     *
     * @param-out list<string> $places where each event stands
     *
     * @throws InvalidValue naming the line
     */
    public static function read(string $text, ?array &$places): stdClass
    {
        $reader = new self;
        GpxStream::readText($text, $reader->opened(...), $reader->closed(...));
        $places = $reader->places;
        if ($reader->events === [] && $reader->track === []) {
            throw InvalidValue::because('file', 'GPX with times: a track, or waypoints');
        }

        return DayFile::of($reader->events, $reader->track);
    }

    private function opened(GpxStream $gpx, string $element): void
    {
        if ($element === 'wpt' || $element === 'trkpt') {
            [$this->place, $this->line] = [$gpx->place(), $element === 'wpt' ? $gpx->line() : ''];
            [$this->time, $this->name, $this->told, $this->read] = ['', '', [], null];
        } elseif ($this->place !== null) {
            match ($element) {
                'time' => $this->time = $gpx->text(),
                'name' => $this->name = $gpx->text(),
                Gpx::OWN.' event' => $this->told[] = json_decode($gpx->text(), false, 64),
                Gpx::OWN.' figures' => $this->read = json_decode($gpx->text(), false, 64),
                default => null,
            };
        }
        $this->gpx = $gpx;
    }

    private function closed(string $element): void
    {
        if ($this->place === null || ! in_array($element, ['wpt', 'trkpt'], true)) {
            return;
        }
        if ($element === 'trkpt') {
            $this->track[] = (object) ([
                'at' => $this->at(), 'latitude' => $this->place->latitude, 'longitude' => $this->place->longitude,
            ] + (array) $this->read);
            DayFile::mustBeTakenIn(count($this->track), 'file');
        } elseif ($this->told !== []) {
            array_push($this->events, ...$this->told);
            array_push($this->places, ...array_fill(0, count($this->told), $this->line));
        } elseif ($this->time !== '') {
            [$this->events[], $this->places[]] = [$this->marker($this->place), $this->line];
        }
        $this->place = null;
    }

    /** From elsewhere: the same one has the same name however often it comes. */
    private function marker(Place $place): stdClass
    {
        $at = $this->at();
        $name = sprintf('%.7F %.7F %.3F %s', $place->latitude, $place->longitude, $at, $this->name);

        return (object) [
            'uuid' => Uuid::uuid5(Uuid::NAMESPACE_OID, $name)->toString(), 'kind' => EventKind::Marker->value, 'at' => $at,
            'told_at' => $at, 'who' => 'GPX', 'holder' => null, 'of' => null,
            'tells' => (object) ([
                'latitude' => $place->latitude, 'longitude' => $place->longitude,
            ] + ($this->name === '' ? [] : ['note' => mb_substr($this->name, 0, 500)])),
        ];
    }

    /** s since 1970 UTC. */
    private function at(): float
    {
        $at = preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?(Z|[+-]\d\d:\d\d)$/', $this->time) === 1
            ? date_create_immutable($this->time) : false;
        if (! $at instanceof DateTimeImmutable) {
            $line = $this->line === '' ? (string) $this->gpx?->line() : $this->line;
            throw InvalidValue::because("{$line} time", 'when she was there, as GPX tells it: 2031-06-01T09:00:00Z');
        }

        return (float) $at->format('U.u');
    }
}
