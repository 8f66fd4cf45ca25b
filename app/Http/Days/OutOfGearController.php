<?php

declare(strict_types=1);

namespace App\Http\Days;

use Admek\Core\Books\Book;
use Admek\Core\Instruments\Figure;
use Admek\Core\Manoeuvres\OutOfGear;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Units\Units;
use App\Days\UnderWay;
use App\Days\WatchedRods;
use App\Http\Asked\OutOfGearTold;
use App\Instruments\LiveFile;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\Trip;
use App\Rigging\Locker;
use Illuminate\Http\JsonResponse;

/** A fish is on and she is taken out of gear: how long until each line that is out touches bottom, over the depth of now. */
final class OutOfGearController
{
    public function __invoke(Trip $trip, Boat $boat, LiveFile $live, Track $track, SpreadSolver $solver): JsonResponse
    {
        $spread = $trip->spreads()->with('lines')->firstOrFail();
        $now = UnderWay::of($trip, $boat, $spread, $live->read(), $track);
        [, $out] = WatchedRods::of($now, $now->conditions, Locker::ever($boat, $trip));
        $bottom = $now->motion->now(Figure::Depth) ?? $trip->bottom;
        $rules = $boat->book(Book::Manoeuvres);

        return new JsonResponse(
            OutOfGearTold::of(
                OutOfGear::sinking($out, $now->conditions, $bottom, $rules, $solver), $bottom, $rules, Units::from($boat->units),
            ),
            options: JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
