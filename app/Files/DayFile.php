<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use Admek\Core\Day\Fish;
use Admek\Core\Fish\Species;
use Admek\Core\Instruments\TrackPoint;
use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Parts\Forage;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\Sky;
use Admek\Core\Water\Signs\Surface;
use App\Days\EventLog;
use App\Days\Telling;
use App\Instruments\Track;
use App\Models\Trip;
use App\Rigging\Locker;
use Illuminate\Support\Facades\DB;

/** A day as a file of its own, docs/day-file.md: every event as it was told, and the track; it comes back in unchanged. */
final readonly class DayFile
{
    public const MOST_BYTES = 20_000_000;

    private const FORMAT = 'admek-day';

    /** What is told in words of a kind, by its name. */
    private const WORDS = [
        'species' => Species::class, 'clarity' => Clarity::class, 'sky' => Sky::class, 'surface' => Surface::class,
        'forage' => Forage::class,
    ];

    private const SCHEMA = 'docs/day.schema.json';

    /** @param  iterable<TrackPoint>  $track */
    public static function write(Trip $trip, iterable $track): string
    {
        $events = DB::table('events')->where('trip_id', $trip->id)->orderBy('at')->orderBy('uuid')->get()->map(
            static fn (object $row): array => [
                'uuid' => $row->uuid, 'kind' => $row->kind, 'at' => (float) $row->at, 'told_at' => (float) $row->told_at,
                'who' => $row->who, 'holder' => $row->holder, 'of' => $row->of,
                'tells' => json_decode((string) $row->tells, false, flags: JSON_THROW_ON_ERROR),
            ],
        )->all();
        $points = [];
        foreach ($track as $point) {
            $points[] = ['at' => $point->at] + $point->figures;
        }

        return json_encode(
            ['format' => self::FORMAT, 'version' => 1, 'events' => $events, 'track' => $points],
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    /**
     * Takes what a file tells into a trip; what is there already stays as it is.
     *
     * @return array{events: int, points: int} that the file tells
     *
     * @throws InvalidValue naming the place in the file
     */
    public static function read(string $text, Trip $trip, Track $track, Locker $locker): array
    {
        $file = json_decode($text, true, 64);
        if (! is_array($file) || ($file['format'] ?? null) !== self::FORMAT || ($file['version'] ?? null) !== 1) {
            throw InvalidValue::because('file', 'a day of Admek, version 1');
        }
        // An empty object reads as an empty list.
        Schema::hold(json_decode($text, false, 64), self::SCHEMA);
        $names = array_flip(array_column($file['events'], 'uuid'));
        $told = $points = [];
        foreach ($file['events'] as $i => $one) {
            try {
                $told[] = self::telling($one, $names, $locker);
            } catch (InvalidValue $invalid) {
                throw $invalid->within("events.{$i}");
            }
        }
        foreach ($file['track'] as $one) {
            $points[] = new TrackPoint((float) $one['at'], array_map(floatval(...), array_diff_key($one, ['at' => 0])));
        }
        DB::transaction(static function () use ($told, $points, $trip, $track): void {
            EventLog::of($trip)->keep('', ...$told);
            $track->take($points);
        });

        return ['events' => count($told), 'points' => count($points)];
    }

    /**
     * @param  array<string, mixed>  $one
     * @param  array<string, int>  $names  of the file's events
     */
    private static function telling(array $one, array $names, Locker $locker): Telling
    {
        $event = new Event(
            $one['uuid'], EventKind::from($one['kind']), (float) $one['at'], $one['holder'], $one['of'], $one['tells'],
        );
        if ($event->kind->isOfBite() && ! isset($names[(string) $event->of])) {
            throw InvalidValue::because('of', 'the bite it is of, in this file');
        }
        foreach (self::WORDS as $name => $words) {
            if (isset($one['tells'][$name]) && $words::tryFrom($one['tells'][$name]) === null) {
                throw InvalidValue::because("tells.{$name}", 'one of '.implode(', ', array_column($words::cases(), 'value')));
            }
        }
        if ($event->figure('weight') !== null) {
            try {
                Fish::weighable($event->figure('weight'), $event->figure('net') ?? 0.0);
            } catch (InvalidValue $invalid) {
                throw $invalid->within('tells');
            }
        }
        if ($event->kind->rigs()) {
            try {
                // Of another boat's gear nothing could be told.
                $locker->lines([$one['tells']['set_up']]);
            } catch (InvalidValue $invalid) {
                throw $invalid->named((string) preg_replace('/^lines\.0/', 'tells.set_up', $invalid->field));
            }
        }

        return new Telling($event, (float) $one['told_at'], null, $one['tells'], $one['who']);
    }
}
