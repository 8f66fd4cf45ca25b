<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\Water\Signs\Sun;
use App\Models\Boat;
use App\Models\Trip;
use Carbon\CarbonImmutable;
use Illuminate\Validation\ValidationException;

/**
 * What is asked of a place before it is kept, until it is told to be so: whether its sun goes by the port's clock, and
 * whose it is.
 */
final class PlaceAsked
{
    /** h by which the sun's noon may be off the clock's. */
    private const OFF = 3.0;

    /** h of the clock at which the sun stands highest, between winter's and summer's. */
    private const NOON = 12.5;

    /** @throws ValidationException naming place_sure */
    public static function of(SaveTripRequest $request, Boat $boat, ?Trip $trip): void
    {
        if ($request->boolean('place_sure') || $request->input('latitude') === null) {
            return;
        }
        $place = [$request->float('latitude'), $request->float('longitude')];
        $words = self::noon($place, $request->string('date')->value(), $boat) ?? self::another($place, $request, $boat, $trip);
        if ($words !== null) {
            throw ValidationException::withMessages(['place_sure' => $words]);
        }
    }

    /** @param  array{float, float}  $place */
    private static function noon(array $place, string $date, Boat $boat): ?string
    {
        $midday = CarbonImmutable::parse("{$date} 12:00", $boat->timezone);
        $noon = CarbonImmutable::createFromTimestamp((new Sun(...$place))->day($midday->getTimestamp())['noon'], $boat->timezone);
        $hour = $noon->hour + $noon->minute / 60.0;
        $off = fmod($hour - self::NOON + 36.0, 24.0) - 12.0;

        return abs($off) <= self::OFF ? null : sprintf(
            'There the sun stands highest at %s by the port’s clock: east for west, or another clock? It is so: keep the place.',
            $boat->clock_face->say(60 * $noon->hour + $noon->minute),
        );
    }

    /** @param  array{float, float}  $place */
    private static function another(array $place, SaveTripRequest $request, Boat $boat, ?Trip $trip): ?string
    {
        $was = $trip ?? $boat->trips()->orderByDesc('date')->orderByDesc('lines_in')->first();
        $ground = $request->string('ground')->value();
        $moved = $was === null || $was->ground === '' || $ground === '' || $was->ground === $ground
            || abs(($was->latitude ?? INF) - $place[0]) > 1e-6 || abs(($was->longitude ?? INF) - $place[1]) > 1e-6;

        return $moved ? null : "This is where {$was->ground} lies. {$ground} lies there too: keep the place.";
    }
}
