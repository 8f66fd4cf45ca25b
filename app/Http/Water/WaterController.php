<?php

declare(strict_types=1);

namespace App\Http\Water;

use Admek\Core\Files\TemperatureFile;
use Admek\Core\InvalidValue;
use Admek\Core\Patterns\Fished;
use Admek\Core\Units\Units;
use Admek\Core\Water\Signs\TemperatureProfile;
use App\Models\Boat;
use App\Models\Trip;
use App\Reading\Season\ForTomorrow;
use App\Reading\TripWater;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A trip's water: temperatures, marks and signs in, bands and advice out. */
final class WaterController
{
    public function show(Request $request, Trip $trip, Boat $boat): JsonResponse
    {
        $against = $request->query('against');

        return self::answer(
            $trip,
            $boat,
            is_string($against) && ctype_digit($against) ? Trip::query()->with('temperatures')->find((int) $against) : null,
        );
    }

    /** What a text of temperatures holds, before anything is kept of it. */
    public function preview(TemperaturesRequest $request, Trip $trip, Boat $boat): JsonResponse
    {
        $file = TemperatureFile::read(
            $request->string('text')->value(),
            Units::from($boat->units),
            $request->input('depth_unit'),
            $request->input('temperature_unit'),
        );

        return new JsonResponse(
            [
                'readings' => $file->readings,
                'columns' => $file->columns,
                'bad' => $file->bad,
                'rows' => $file->rows,
                'bad_rows' => $file->badRows,
            ],
            options: JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    public function temperatures(TemperaturesRequest $request, Trip $trip, Boat $boat): JsonResponse
    {
        /** @var list<array{depth: float, celsius: float}> $readings */
        $readings = array_map(
            static fn (array $reading): array => array_map(floatval(...), $reading), $request->validated('readings'),
        );
        if ($readings !== []) {
            TemperatureProfile::of($readings);
        }
        $trip->temperatures()->delete();
        $trip->temperatures()->createMany($readings);
        $trip->update(['temperatures_source' => $request->input('source')]);
        $surface = $readings === [] ? null : TemperatureProfile::of($readings)->surface();
        if ($surface !== null) {
            $trip->update(['water_temperature' => $surface]);
        }

        return self::answer($trip, $boat);
    }

    public function mark(MarkRequest $request, Trip $trip, Boat $boat): JsonResponse
    {
        if ($trip->bottom !== null && $request->float('depth') > $trip->bottom) {
            throw InvalidValue::because('depth', 'above the bottom you entered');
        }
        $trip->marks()->create($request->validated() + ['marked_at' => CarbonImmutable::now()]);

        return self::answer($trip, $boat, status: 201);
    }

    public function unmark(Trip $trip, int $mark, Boat $boat): JsonResponse
    {
        $trip->marks()->findOrFail($mark)->delete();

        return self::answer($trip, $boat);
    }

    public function signs(SignsRequest $request, Trip $trip, Boat $boat): JsonResponse
    {
        $trip->update(
            [
                'signs' => array_filter(
                    $request->validated() + $trip->signsSeen(), static fn (mixed $sign): bool => $sign !== null,
                ) + ['at' => (float) now()->format('U.v')],
            ],
        );

        return self::answer($trip, $boat);
    }

    /**
     * A piece of advice pinned as it reads now, changed, refused, or set free again; a school chosen; a band of the captain's
     * own.
     */
    public function choose(WaterChoiceRequest $request, Trip $trip, Boat $boat, Fished $season): JsonResponse
    {
        $water = self::water($trip, $boat, $season);
        $trip->update(['choices' => $request->on($trip->choices ?? [], $water, Units::from($boat->units))]);

        return self::answer($trip, $boat, season: $season);
    }

    private static function answer(
        Trip $trip, Boat $boat, ?Trip $against = null, int $status = 200, ?Fished $season = null,
    ): JsonResponse {
        return new JsonResponse(
            WaterResource::of(self::water($trip->unsetRelations(), $boat, $season ?? resolve(Fished::class), $against)),
            $status,
            options: JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    private static function water(Trip $trip, Boat $boat, Fished $season, ?Trip $against = null): TripWater
    {
        return TripWater::of($trip, $boat, $against)->recorded(ForTomorrow::of($season, $trip, $boat)->advice());
    }
}
