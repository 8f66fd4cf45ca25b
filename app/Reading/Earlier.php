<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Trip;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Earlier trips whose temperatures this one's can be compared with. */
final class Earlier
{
    private const DAYS = 30;

    /** @return Collection<int, Trip> the latest first */
    public static function of(Trip $trip): Collection
    {
        return Trip::query()->where('boat_id', $trip->boat_id)->whereDate('date', '<', $trip->date)->whereDate(
            'date', '>=', $trip->date->subDays(self::DAYS),
        )
            ->whereHas(
                'temperatures', static fn (Builder $readings) => $readings, '>=', 2,
            )->with('temperatures')->orderByDesc('date')->orderByDesc('lines_in')->get();
    }

    /** The latest that tells anything of this one's water: on its ground, in its season. */
    public static function latest(Trip $trip): ?Trip
    {
        return self::of($trip)->first(static fn (Trip $earlier): bool => self::isAlike($earlier, $trip));
    }

    /** Whether what was read then can be held against what is read now: on the same ground, in the same season. */
    public static function isAlike(Trip $earlier, Trip $trip): bool
    {
        return $trip->ground !== '' && $earlier->ground === $trip->ground
            && $earlier->season()->isAlike($trip->season(), (int) $earlier->date->diffInDays($trip->date));
    }
}
