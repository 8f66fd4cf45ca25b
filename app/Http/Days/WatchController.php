<?php

declare(strict_types=1);

namespace App\Http\Days;

use Admek\Core\Day\Day;
use App\Days\EventLog;
use App\Days\WatchedRods;
use App\Models\Boat;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\Locker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** How it stands now: every rod, where its line runs at the speed of now, and what is to be done when it has a fish. */
final class WatchController
{
    public function __invoke(Request $request, Trip $trip, Boat $boat): JsonResponse|Response
    {
        $log = EventLog::of($trip);
        $spread = $trip->spreads()->with('lines')->firstOrFail();
        $locker = Locker::ever($boat);
        $version = self::version($log, $spread, $boat, $trip, $locker);
        if ($request->query('known') === $version) {
            return new Response(status: 204);
        }
        $day = $log->day();
        $speed = $day->speed() ?? $spread->speed;

        return new JsonResponse([
            'version' => $version,
            'now' => Moment::told((float) now()->format('U.v')),
            'speed' => $speed,
            'planned_speed' => $spread->speed,
            'bottom' => $trip->bottom,
            'surface' => $trip->surfaceTemperature(),
            'rods' => array_map(
                static fn (array $rod): array => array_replace($rod, array_map(
                    static fn (?float $at): ?string => $at === null ? null : Moment::told($at),
                    ['since' => $rod['since'], 'due' => $rod['due']],
                )),
                WatchedRods::of($day, $spread, $boat, $trip, $speed, $locker),
            ),
            'bags' => self::bags($day, $trip),
            'bites' => count($day->bites),
        ], options: JSON_PRESERVE_ZERO_FRACTION);
    }

    /** Of everything it is told from: events, the plan, the trip, the boat with her books and gear. */
    private static function version(EventLog $log, Spread $spread, Boat $boat, Trip $trip, Locker $locker): string
    {
        return implode('-', [
            $log->version(), $spread->version, $locker->version(),
            hash('xxh3', serialize([$spread->id, $trip->getAttributes(), $boat->getAttributes()])),
        ]);
    }

    /** @return list<array{species: string, kept: int, bag: int, full: bool}> */
    private static function bags(Day $day, Trip $trip): array
    {
        $bags = [];
        foreach ($trip->catch_limits ?? [] as $limit) {
            if ($limit['bag'] !== null) {
                $bags[$limit['species']] = $limit['bag'];
            }
        }

        return $day->bags($bags);
    }
}
