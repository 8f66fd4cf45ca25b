<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\Trip\Lacks;
use App\Access\Policy;
use App\Devices\Ability;
use App\Models\Spread;
use App\Models\Trip;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Trip */
final class TripResource extends JsonResource
{
    /** In place of where the ground is, to who may not see that. */
    private const NO_PLACE = [
        'ground' => 'the captain’s ground', 'latitude' => null, 'longitude' => null, 'run' => null, 'pass' => null,
        'profile' => null, 'profile_name' => null,
    ];

    /** In place of who was aboard, to who may not see the season. */
    private const NOBODY = ['guests' => null];

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $kept = Policy::lets($request, Ability::Places) ? [] : self::NO_PLACE;
        $kept += Policy::lets($request, Ability::Season) ? [] : self::NOBODY;

        $lacks = Lacks::of(
            (int) $this->spreads->first()?->lines_count, $this->linesAllowed(), $this->bottom !== null,
            $this->temperatures->isNotEmpty(), $this->bands->isNotEmpty(), $this->is_out, $this->ended_at !== null,
        );

        return $kept + [
            'date' => $this->date->format('Y-m-d'),
            'bands' => $this->bands->map->only(['species', 'top', 'bottom', 'weight'])->all(),
            'temperatures' => $this->temperatures->map->only(['depth', 'celsius'])->all(),
            'spreads' => $this->spreads->map(
                static fn (Spread $spread): array => $spread->only(['id', 'name']) + ['line_count' => $spread->lines_count],
            )->all(),
            'limits_looked_up' => $this->limits_looked_up?->format('Y-m-d'),
            'pass' => $this->pass['places'] ?? null,
            'ended' => $this->ended_at !== null, 'called_off' => $this->called_off_at !== null,
            'density' => round($this->density(), 2),
            'lines_allowed' => $this->linesAllowed(),
            'lacks' => $lacks->all,
            'next' => $lacks->next(),
            'bite_count' => $this->bites_count,
        ] + $this->only([
            'id', 'under_way', 'lines_presumed', 'lines_in', 'back_by', 'ground', 'anglers', 'line_limit', 'limit_source',
            'species', 'bottom', 'bottom_to', 'clearance', 'structure', 'profile_name', 'profile', 'port', 'run', 'latitude',
            'longitude',
            'guests', 'crew', 'crew_fish', 'lines_per_angler', 'catch_limits', 'bait_cure', 'bait_strips', 'water', 'salinity',
            'water_temperature',
        ]);
    }
}
