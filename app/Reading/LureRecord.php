<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Boat;
use Illuminate\Support\Facades\DB;

/** What a boat's own log says of her lures: bites on each, and how many rod-days it was fished. */
final class LureRecord
{
    private const LATEST = 50;

    /**
     * @return array<string, array{bites: int, rod_days: int}> by the lure's name; of trips before a day
     */
    public static function of(Boat $boat, string $before): array
    {
        $record = [];
        foreach (DB::select(
            'select lures.name, count(*) as days from spread_lines join spreads on spreads.id = spread_lines.spread_id '
                .'join trips on trips.id = spreads.trip_id join lures on lures.id = spread_lines.lure_id '
                .'where trips.boat_id = ? and date(trips.date) < ? group by lures.name',
            [$boat->id, $before],
        ) as $row) {
            $record[$row->name] = ['bites' => 0, 'rod_days' => (int) $row->days];
        }
        foreach (DB::select(
            "select json_extract(line.value, '$.lure') as name, count(*) as bites from bites "
                ."join trips on trips.id = bites.trip_id, json_each(bites.snapshot, '$.lines') as line "
                .'where trips.boat_id = ? and date(trips.date) < ? '
                ."and json_extract(line.value, '$.holder') = bites.holder group by 1",
            [$boat->id, $before],
        ) as $row) {
            $name = (string) $row->name;
            // Swapped on while fishing, it was fished at least once.
            $record[$name] = ['bites' => (int) $row->bites, 'rod_days' => max(1, $record[$name]['rod_days'] ?? 0)];
        }

        return $record;
    }

    /** @return list<array{trip: int, at: string, species: ?string, outcome: string, depth: ?float}> the latest first */
    public static function bitesOn(Boat $boat, string $lure): array
    {
        $bites = [];
        foreach (DB::select(
            "select bites.trip_id, bites.bitten_at, bites.species, bites.outcome, json_extract(line.value, '$.depth') as depth "
                ."from bites join trips on trips.id = bites.trip_id, json_each(bites.snapshot, '$.lines') as line "
                ."where trips.boat_id = ? and json_extract(line.value, '$.holder') = bites.holder "
                ."and json_extract(line.value, '$.lure') = ? order by bites.bitten_at desc limit ?",
            [$boat->id, $lure, self::LATEST],
        ) as $row) {
            $bites[] = [
                'trip' => (int) $row->trip_id, 'at' => (string) $row->bitten_at,
                'species' => $row->species === null ? null : (string) $row->species, 'outcome' => (string) $row->outcome,
                'depth' => $row->depth === null ? null : (float) $row->depth,
            ];
        }

        return $bites;
    }
}
