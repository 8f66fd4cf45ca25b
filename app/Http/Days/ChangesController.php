<?php

declare(strict_types=1);

namespace App\Http\Days;

use Admek\Core\Day\Changes\Change;
use Admek\Core\Units\Units;
use App\Days\ChangesNow;
use App\Days\UnderWay;
use App\Days\WatchedRods;
use App\Instruments\LiveFile;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\Trip;
use App\Rigging\Locker;
use Illuminate\Http\JsonResponse;

/** What is to be changed now, the most pressing first. */
final class ChangesController
{
    public function __invoke(Trip $trip, Boat $boat, LiveFile $live, Track $track): JsonResponse
    {
        $spread = $trip->spreads()->with('lines')->firstOrFail();
        $locker = Locker::ever($boat, $trip);
        $now = UnderWay::of($trip, $boat, $spread, $live->read(), $track);
        // What a turn of a minute does is no reason to change anything.
        [$rods, $out] = WatchedRods::of($now, $now->conditions->turning(null), $locker);
        $changes = (new ChangesNow($now, $track))->told(
            $out, $locker->lines(array_column($rods, 'line')), (float) now()->format('U.v'),
        );
        $units = Units::from($boat->units);

        return new JsonResponse(['changes' => array_map(static fn (Change $change): array => [
            'key' => $change->key, 'do' => $change->do->in($units), 'why' => $change->why->in($units),
        ], $changes)]);
    }
}
