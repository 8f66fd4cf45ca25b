<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\Trip\Lacks;
use App\Access\Policy;
use App\Devices\Ability;
use App\Models\Spread;
use App\Models\Trip;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
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
        // The trip itself: a season is of hundreds, and each word asked through the resource costs.
        $trip = $this->resource;
        assert($trip instanceof Trip);
        $kept = Policy::lets($request, Ability::Places) ? [] : self::NO_PLACE;
        $kept += Policy::lets($request, Ability::Season) ? [] : self::NOBODY;
        $is = static fn (string $at): bool => $trip->getRawOriginal($at) !== null;
        $date = static fn (string $of): ?string => $is($of) ? substr((string) $trip->getRawOriginal($of), 0, 10) : null;
        $ended = $is('ended_at');
        $allowed = $trip->linesAllowed();
        $lacks = Lacks::of(
            (int) $trip->spreads->first()?->lines_count, $allowed, $trip->bottom !== null,
            $trip->temperatures->isNotEmpty(), $trip->bands->isNotEmpty(), $trip->is_out, $ended,
        );

        return $kept + [
            'date' => $date('date'),
            'bands' => self::rows($trip->bands, ['species', 'top', 'bottom', 'weight']),
            'temperatures' => self::rows($trip->temperatures, ['depth', 'celsius']),
            'spreads' => array_map(static fn (Spread $spread): array => [
                'id' => $spread->id, 'name' => $spread->name, 'line_count' => $spread->lines_count,
            ], $trip->spreads->all()),
            'limits_looked_up' => $date('limits_looked_up'),
            'pass' => $trip->pass['places'] ?? null,
            'ended' => $ended, 'called_off' => $is('called_off_at'),
            'density' => round($trip->density(), 2),
            'lines_allowed' => $allowed,
            'lacks' => $lacks->all,
            'next' => $lacks->next(),
            'bite_count' => $trip->bites_count,
        ] + $trip->only([
            'id', 'under_way', 'lines_presumed', 'lines_in', 'back_by', 'ground', 'anglers', 'line_limit', 'limit_source',
            'species', 'bottom', 'bottom_to', 'clearance', 'structure', 'profile_name', 'profile', 'port', 'run', 'latitude',
            'longitude',
            'guests', 'crew', 'crew_fish', 'lines_per_angler', 'catch_limits', 'bait_cure', 'bait_strips', 'water', 'salinity',
            'water_temperature',
        ]);
    }

    /**
     * As they are kept, which are thousands in a season.
     *
     * @param  Collection<int, covariant Model>  $models
     * @param  list<string>  $columns
     * @return list<array<string, mixed>>
     */
    private static function rows(Collection $models, array $columns): array
    {
        $columns = array_flip($columns);

        return array_values(array_map(
            static fn (Model $model): array => array_intersect_key($model->getAttributes(), $columns), $models->all(),
        ));
    }
}
