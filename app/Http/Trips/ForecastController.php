<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\Files\ForecastFile;
use Admek\Core\Trip\ForecastHour;
use App\Forecasts\ForecastSource;
use App\Models\Boat;
use App\Models\Trip;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A trip's forecast: typed, read from a file, or fetched from the stand-in. */
final class ForecastController
{
    public function offered(ForecastSource $source): JsonResponse
    {
        $offered = $source->offered();

        return new JsonResponse(
            array_map(static fn (string $key): array => ['key' => $key, 'name' => $offered[$key]], array_keys($offered)),
        );
    }

    public function update(ForecastRequest $request, Trip $trip, Boat $boat): JsonResponse
    {
        $hours = array_values(
            array_map(static fn (array $hour): ForecastHour => new ForecastHour(...$hour), $request->array('hours')),
        );

        return self::keep(
            $request,
            $trip,
            $boat,
            ['source' => self::text($request, 'source'), 'issued' => self::text($request, 'issued'), 'hours' => $hours],
        );
    }

    public function file(ForecastRequest $request, Trip $trip, Boat $boat): JsonResponse
    {
        $read = ForecastFile::read($request->string('text')->value(), $boat->units === 'metric');

        return self::keep($request, $trip, $boat, ['source' => $read['source'] ?? $request->input('source')] + $read);
    }

    public function fetch(Request $request, Trip $trip, string $key, Boat $boat, ForecastSource $source): JsonResponse
    {
        $file = $source->fetch($key) ?? throw new NotFoundHttpException('There is no such route or forecast.');

        return self::keep($request, $trip, $boat, ForecastFile::read($file, false));
    }

    /** @param  array{source: ?string, issued: ?string, hours: list<ForecastHour>}  $read */
    private static function keep(Request $request, Trip $trip, Boat $boat, array $read): JsonResponse
    {
        $trip->update(['forecast' => $read['hours'] === [] ? null : [
            'source' => $read['source'], 'issued' => $read['issued'],
            'entered_at' => CarbonImmutable::now()->toIso8601ZuluString(),
            'hours' => array_map(get_object_vars(...), $read['hours']),
        ]]);

        return PreparationController::answer($trip, $boat, $request);
    }

    private static function text(ForecastRequest $request, string $key): ?string
    {
        return $request->input($key) === null ? null : $request->string($key)->value();
    }
}
