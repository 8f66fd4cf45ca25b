<?php

declare(strict_types=1);

namespace App\Models;

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

    /** s since 1970 UTC until which lines count as fishing, by then: when the trip is to be back, or what was told last. */
    public static function until(Trip $trip, Boat $boat, float $now): float
    {
        $clock = $trip->clock($boat);
        $back = $trip->midnight($boat)->addMinutes($clock->backBy);
        $last = (float) DB::table('events')->where('trip_id', $trip->id)->max('at');

        return min($now, max((float) $back->format('U'), $last));
    }
}
