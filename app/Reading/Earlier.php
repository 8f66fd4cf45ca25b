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

    public static function latest(Trip $trip): ?Trip
    {
        return self::of($trip)->first();
    }
}
