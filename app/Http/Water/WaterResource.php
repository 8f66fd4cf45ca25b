<?php

declare(strict_types=1);

namespace App\Http\Water;

use Admek\Core\Units\Compass;
use Admek\Core\Units\Units;
use Admek\Core\Water\Advice;
use Admek\Core\Water\Band;
use Admek\Core\Water\Signs\Layer;
use App\Models\Mark;
use App\Models\TemperatureReading;
use App\Models\Trip;
use App\Reading\Earlier;
use App\Reading\TripWater;
use Carbon\CarbonImmutable;

/** A trip's water and what it says, as the page shows it. */
final class WaterResource
{
    /** m of a bar of marked fish: five feet, or a metre and a half. */
    private const BAR = ['us' => 1.524, 'metric' => 1.5];

    /** @return array<string, mixed> */
    public static function of(TripWater $water): array
    {
        $trip = $water->trip;
        $units = Units::from($water->boat->units);
        $layer = static fn (Layer $layer): array => get_object_vars($layer);
        $thermocline = $water->signs->profile?->thermocline($water->rules);
        $own = $trip->choices['bands'] ?? [];

        return [
            'bottom' => $trip->bottom,
            'signs' => (object) $trip->signsSeen(),
            'season' => $water->signs->season->value,
            'temperatures' => self::readings($trip),
            'source' => $trip->temperatures_source,
            'earlier' => Earlier::of($trip)->map(
                static fn (Trip $earlier): array => [
                    'trip' => $earlier->id, 'date' => $earlier->date->format('Y-m-d'), 'ground' => $earlier->ground,
                ],
            )->all(),
            'against' => $water->against === null ? null : [
                'trip' => $water->against->id,
                'date' => $water->against->date->format('Y-m-d'),
                'temperatures' => self::readings($water->against),
            ],
            'thermocline' => $thermocline === null ? null : $layer($thermocline),
            'layers' => array_map($layer, $water->signs->profile?->layers($water->rules) ?? []),
            'marks' => $trip->marks->map(
                static fn (Mark $mark): array => $mark->only(['id', 'depth', 'count', 'tight', 'size']),
            )->all(),
            'histogram' => $water->signs->marks->histogram(self::BAR[$units->value]),
            'bar' => self::BAR[$units->value],
            'sun' => self::sun($water),
            'bands' => array_map(static fn (Band $band, Band $reckoned): array => [
                'species' => $band->species->value, 'top' => $band->top, 'bottom' => $band->bottom, 'weight' => $band->weight,
                'from' => $reckoned->from,
                'why' => $reckoned->why->in($units), 'own' => isset($own[$band->species->value]),
                'reckoned' => ['top' => $reckoned->top, 'bottom' => $reckoned->bottom, 'weight' => $reckoned->weight],
            ], $water->bands, $water->reckoned),
            'schedule' => array_map(static fn (array $row): array => [
                'clock' => self::clock($row['time'], $water), 'elevation' => $row['elevation'], 'bearing' => $row['bearing'],
                'sun_from' => $row['bearing'] === null || $row['elevation'] <= 0.0 ? null : Compass::point($row['bearing']),
                'bands' => self::wanted($row['bands']),
            ], $water->schedule),
            'advice' => array_map(
                static fn (Advice $advice): array => self::advice(
                    $advice, $trip->choices['advice'][$advice->key] ?? null, $units,
                ),
                $water->advice,
            ),
        ];
    }

    /**
     * What an hour would be fished for.
     *
     * @param  list<array{band: Band, top: float, bottom: float}>  $bands
     * @return list<array{species: string, top: float, bottom: float, weight: float}>
     */
    public static function wanted(array $bands): array
    {
        return array_map(static fn (array $band): array => [
            'species' => $band['band']->species->value, 'top' => round($band['top'], 4), 'bottom' => round($band['bottom'], 4),
            'weight' => $band['band']->weight,
        ], $bands);
    }

    /**
     * What was pinned stays as it was read then; what it would be now stands beside it.
     *
     * @param  ?array{state: string, answer: ?string, why: ?string}  $said
     * @return array<string, mixed>
     */
    private static function advice(Advice $advice, ?array $said, Units $units): array
    {
        [$answer, $why] = [$advice->answer->in($units), $advice->why->in($units)];
        $kept = $said !== null && in_array($said['state'], ['pinned', 'changed'], true) ? $said : null;

        return [
            'key' => $advice->key, 'topic' => $advice->topic, 'state' => $said['state'] ?? 'free', 'schools' => $advice->schools,
            'answer' => $kept === null ? $answer : (string) $kept['answer'],
            'why' => $kept !== null && $kept['state'] === 'pinned' ? (string) $kept['why'] : $why,
            'now' => $kept !== null && $kept['answer'] !== $answer ? $answer : null,
        ];
    }

    /** @return list<array{depth: float, celsius: float}> */
    private static function readings(Trip $trip): array
    {
        return array_values(
            $trip->temperatures->map(
                static fn (TemperatureReading $reading): array => ['depth' => $reading->depth, 'celsius' => $reading->celsius],
            )->all(),
        );
    }

    /** @return ?array<string, string> */
    private static function sun(TripWater $water): ?array
    {
        return $water->sun === null
            ? null
            : array_map(
                static fn (int $time): string => self::clock($time, $water),
                $water->sun->day(TripWater::time($water->trip, $water->boat, 720)),
            );
    }

    private static function clock(int $time, TripWater $water): string
    {
        return CarbonImmutable::createFromTimestamp($time, $water->boat->timezone)->format('H:i');
    }
}
