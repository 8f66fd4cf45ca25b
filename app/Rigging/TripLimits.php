<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\Books\Book;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\SpreadLimits;
use App\Models\Boat;
use App\Models\Trip;

/** What a trip's spread is held to, from what the captain entered. */
final class TripLimits
{
    /** @param  float  $gone  m the boat has gone along the trip's bottom profile */
    public static function of(Trip $trip, Boat $boat, float $gone = 0.0): SpreadLimits
    {
        return new SpreadLimits(
            $trip->linesAllowed(), self::bottom($trip, $gone), $trip->bandsBySpecies(), $trip->clearance ?? 0.0,
            $boat->book(Book::Spread),
        );
    }

    public static function bottom(Trip $trip, float $gone = 0.0): ?Bottom
    {
        $bottom = match (true) {
            $trip->profile !== null => Bottom::profile($trip->profile)->from($gone),
            $trip->bottom !== null => Bottom::flat($trip->bottom),
            default => null,
        };

        return $bottom?->with($trip->structure ?? 0.0);
    }
}
