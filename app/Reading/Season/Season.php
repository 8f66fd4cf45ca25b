<?php

declare(strict_types=1);

namespace App\Reading\Season;

use Admek\Core\Books\Book;
use Admek\Core\Patterns\Bands;
use Admek\Core\Patterns\Fished;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\KeptEvents;
use App\Models\Trip;
use App\Rigging\Locker;
use App\Rigging\SeasonShelf;

/** Reads all the boat has fished, piece by piece. */
final class Season
{
    /** s within which a trip under way is not cut anew. */
    private const FRESH = 300;

    public static function of(Boat $boat, Track $track, SeasonShelf $shelf): Fished
    {
        $pieces = [];
        $now = (float) now()->format('U');
        $gear = Locker::ever($boat)->version();
        foreach ($boat->trips()->with('temperatures')->orderBy('date')->get() as $trip) {
            $version = KeptEvents::version($trip);
            if ($version === 0) {
                continue;
            }
            $until = min($now, KeptEvents::until($trip, $boat, $now));
            $of = [
                $trip->getAttributes(), $trip->temperatures->toArray(), $version, $gear, $boat->timezone,
                $boat->rule_books[Book::Reading->value] ?? null, floor($until / self::FRESH),
                $until < $now ? $track->counted((float) $trip->midnight($boat)->format('U'), $until) : null,
            ];
            $told = $shelf->pieces($of, static fn (): array => (new FishedTrip($trip, $boat, $track))->pieces($now));
            foreach ($told as $piece) {
                $pieces[] = $piece + ['trip' => $trip->id];
            }
        }

        return new Fished($pieces, new Bands($boat->book(Book::Patterns)));
    }
}
