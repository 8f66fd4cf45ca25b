<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use Admek\Core\Instruments\Figure;
use Admek\Core\Instruments\TrackPoint;
use Admek\Core\InvalidValue;
use App\Days\EventLog;
use App\Days\Telling;
use App\Instruments\Track;
use App\Models\Trip;
use Illuminate\Support\Facades\DB;

/** A day as a file of its own, docs/day-file.md: every event as it was told, and the track; it comes back in unchanged. */
final readonly class DayFile
{
    public const MOST_BYTES = 20_000_000;

    private const FORMAT = 'admek-day';

    private const UUID = '/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/';

    /** s since 1970 UTC anybody fished in: from 2000 to 2100. */
    private const WHEN = [946_684_800.0, 4_102_444_800.0];

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
    public static function read(string $text, Trip $trip, Track $track): array
    {
        $file = json_decode($text, true, 64);
        if (! is_array($file) || ($file['format'] ?? null) !== self::FORMAT || ($file['version'] ?? null) !== 1) {
            throw InvalidValue::because('file', 'a day of Admek, version 1');
        }
        $told = $points = [];
        foreach (self::list($file, 'events') as $i => $one) {
            $told[] = self::telling($one, "events.{$i}");
        }
        $names = array_flip(array_map(static fn (Telling $one): string => $one->event->id, $told));
        foreach ($told as $i => $one) {
            if ($one->event->kind->isOfBite() && ! isset($names[(string) $one->event->of])) {
                throw InvalidValue::because("events.{$i}.of", 'the bite it is of, in this file');
            }
        }
        foreach (self::list($file, 'track') as $i => $one) {
            $points[] = self::point($one, "track.{$i}");
        }
        DB::transaction(static function () use ($told, $points, $trip, $track): void {
            EventLog::of($trip)->keep('', ...$told);
            $track->take($points);
        });

        return ['events' => count($told), 'points' => count($points)];
    }

    /**
     * @param  array<string, mixed>  $file
     * @return list<array<string, mixed>>
     */
    private static function list(array $file, string $name): array
    {
        $list = $file[$name] ?? null;
        if (! is_array($list) || ! array_is_list($list) || array_filter($list, is_array(...)) !== $list) {
            throw InvalidValue::because($name, 'a list');
        }

        return $list;
    }

    /** @param  array<string, mixed>  $one */
    private static function telling(array $one, string $at): Telling
    {
        $text = static fn (string $name, int $most): ?string => match (true) {
            ($one[$name] ?? null) === null => null,
            is_string($one[$name]) && mb_strlen($one[$name]) <= $most => $one[$name],
            default => throw InvalidValue::because("{$at}.{$name}", "a text of up to {$most} letters"),
        };
        $when = static function (string $name) use ($one, $at): float {
            $moment = $one[$name] ?? null;
            if (! is_float($moment) && ! is_int($moment)) {
                throw InvalidValue::because("{$at}.{$name}", 'seconds since 1970 UTC');
            }
            InvalidValue::unlessBetween("{$at}.{$name}", (float) $moment, ...self::WHEN);

            return (float) $moment;
        };
        $kind = EventKind::tryFrom((string) $text('kind', 20)) ?? throw InvalidValue::because("{$at}.kind", 'a kind of event');
        foreach (['uuid', 'of'] as $name) {
            if (($name === 'uuid' || ($one[$name] ?? null) !== null) && preg_match(self::UUID, (string) $text($name, 36)) !== 1) {
                throw InvalidValue::because("{$at}.{$name}", 'a UUID');
            }
        }
        $tells = $one['tells'] ?? null;
        if (! is_array($tells)) {
            throw InvalidValue::because("{$at}.tells", 'what it is told with');
        }
        if ($kind === EventKind::Bite && ! is_array($tells['lines'] ?? null)) {
            throw InvalidValue::because("{$at}.tells.lines", 'what every line did');
        }
        try {
            $event = new Event((string) $text('uuid', 36), $kind, $when('at'), $text('holder', 8), $text('of', 36), $tells);
        } catch (InvalidValue $invalid) {
            throw str_starts_with($invalid->field, $at) ? $invalid : $invalid->within($at);
        }

        return new Telling($event, $when('told_at'), null, $tells, $text('who', 60) ?? '');
    }

    /** @param  array<string, mixed>  $one */
    private static function point(array $one, string $at): TrackPoint
    {
        $figures = [];
        foreach ($one as $name => $value) {
            if (! is_float($value) && ! is_int($value)) {
                throw InvalidValue::because("{$at}.{$name}", 'a number');
            }
            if ($name !== 'at') {
                $figure = Figure::tryFrom($name) ?? throw InvalidValue::because("{$at}.{$name}", 'a figure instruments tell');
                InvalidValue::unlessBetween("{$at}.{$name}", (float) $value, ...$figure->range());
                $figures[$name] = (float) $value;
            }
        }
        InvalidValue::unlessBetween("{$at}.at", (float) ($one['at'] ?? NAN), ...self::WHEN);

        return new TrackPoint((float) $one['at'], $figures);
    }
}
