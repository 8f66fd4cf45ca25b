<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Boat;
use Illuminate\Support\Facades\DB;

/** Bites a boat's own log tells of one lure. */
final class LureRecord
{
    private const LATEST = 50;

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
