<?php

declare(strict_types=1);

namespace App\Http\Days;

use Admek\Core\Day\Changes\Change;
use Admek\Core\Units\Units;
use App\Days\ChangesNow;
use App\Days\StandOfThings;
use App\Days\ToldOnce;
use App\Days\UnderWay;
use App\Days\WatchedRods;
use App\Http\Standing;
use App\Instruments\Instruments;
use App\Instruments\LiveFile;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\Locker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What is to be changed now, the most pressing first. */
final class ChangesController
{
    /** s that it is good for: what is advised does not turn from one to the next. */
    private const GOOD = 5.0;

    public function __invoke(
        Request $request, Trip $trip, Boat $boat, LiveFile $live, Track $track, ToldOnce $once,
    ): JsonResponse {
        $heard = $live->read();
        $what = "changes-{$trip->id}";

        $told = $once->told(
            $what, static fn (): string => StandOfThings::key(
                $trip, self::spread($trip), $boat, Locker::ever($boat, $trip), $what,
            ), $heard->version, static fn (): string => json_encode(
                ['changes' => self::changes($trip, $boat, self::spread($trip), Locker::ever($boat, $trip), $heard, $track)],
                JSON_THROW_ON_ERROR,
            ), self::GOOD, stand: $request->server->getString(Standing::STAND),
        );
        $request->attributes->add([Standing::TOLD => $what, Standing::NEWS => $told->news]);

        return JsonResponse::fromJsonString(ToldOnce::atMoment($told->body, (float) now()->format('U.v')));
    }

    private static function spread(Trip $trip): Spread
    {
        return $trip->spreads()->with('lines')->firstOrFail();
    }

    /** @return list<array{key: string, do: string, why: string}> */
    private static function changes(
        Trip $trip, Boat $boat, Spread $spread, Locker $locker, Instruments $heard, Track $track,
    ): array {
        $now = UnderWay::of($trip, $boat, $spread, $heard, $track);
        // What a turn of a minute does is no reason to change anything.
        [$rods, $out] = WatchedRods::of($now, $now->conditions->turning(null), $locker);
        $changes = (new ChangesNow($now, $track))->told(
            $out, $locker->lines(array_column($rods, 'line')), (float) now()->format('U.v'),
        );
        $units = Units::from($boat->units);

        return array_map(static fn (Change $change): array => [
            'key' => $change->key, 'do' => $change->do->in($units), 'why' => $change->why->in($units),
        ], $changes);
    }
}
