<?php

declare(strict_types=1);

namespace App\Models;

use Admek\Core\Day\Day;
use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use Illuminate\Support\Facades\DB;

/** Rows of the table of events as what they tell. */
final class KeptEvents
{
    /**
     * @param  ?list<EventKind>  $kinds  all where none are named
     * @return list<Event> without what every line did at a bite, which nothing is reckoned from
     */
    public static function of(Trip $trip, ?array $kinds = null): array
    {
        $rows = DB::table('events')->where('trip_id', $trip->id)->orderBy('id');
        if ($kinds !== null) {
            $rows->whereIn('kind', array_column($kinds, 'value'));
        }
        $events = [];
        foreach ($rows->get([
            'uuid', 'kind', 'at', 'holder', 'of', DB::raw("case when kind = 'bite' then '{}' else tells end as tells"),
        ]) as $row) {
            /** @var array<string, mixed> $tells */
            $tells = json_decode((string) $row->tells, true, flags: JSON_THROW_ON_ERROR);
            $events[] = new Event($row->uuid, EventKind::from($row->kind), (float) $row->at, $row->holder, $row->of, $tells);
        }

        return $events;
    }

    /** Grows with every event of a trip; nought where there is none. */
    public static function version(Trip $trip): int
    {
        return (int) DB::table('events')->where('trip_id', $trip->id)->max('id');
    }

    /**
     * @param  ?Trip  $trip  of it alone, where it is named
     * @return array<int, array{version: int, at: float}> of each trip that has events: its version, and when somebody was last
     *   at a line, s since 1970 UTC
     */
    public static function latest(?Trip $trip = null): array
    {
        $atLines = implode("', '", array_column(
            array_filter(EventKind::cases(), static fn (EventKind $kind): bool => $kind->isOnTheWater()), 'value',
        ));
        $latest = [];
        $events = DB::table('events')->groupBy('trip_id');
        if ($trip !== null) {
            $events->where('trip_id', $trip->id);
        }
        foreach ($events->get([
            'trip_id', DB::raw('max(id) as version'), DB::raw("max(case when kind in ('{$atLines}') then at end) as at"),
            DB::raw("sum(kind = 'moved') as moved"),
        ]) as $row) {
            $of = (int) $row->trip_id;
            $latest[$of] = [
                'version' => (int) $row->version,
                'at' => $row->moved > 0 ? self::lastAtLines($trip ?? Trip::query()->findOrFail($of)) : (float) $row->at,
            ];
        }

        return $latest;
    }

    /** As they happened, where times were put right. */
    private static function lastAtLines(Trip $trip): float
    {
        $onTheWater = array_filter(
            Day::of(self::of($trip))->log, static fn (Event $event): bool => $event->kind->isOnTheWater(),
        );

        return max([0.0, ...array_map(static fn (Event $event): float => $event->at, $onTheWater)]);
    }

    /**
     * s since 1970 UTC until which lines count as fishing, by then: when the trip is to be back, or when somebody was
     * last at a line.
     *
     * @param  ?float  $last  s since 1970 UTC, when that was, where it is known
     */
    public static function until(Trip $trip, Boat $boat, float $now, ?float $last = null): float
    {
        $clock = $trip->clock($boat);
        $back = $trip->midnight($boat)->addMinutes($clock->backBy);
        $last ??= self::latest($trip)[$trip->id]['at'] ?? 0.0;

        return min($now, max((float) $back->format('U'), $last));
    }
}
