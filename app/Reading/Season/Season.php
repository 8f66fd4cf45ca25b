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

/** Reads all the boat has fished: each trip once, and again only where something it follows from has changed. */
final readonly class Season
{
    /** Of how a trip is read: one that was read otherwise is read anew. */
    private const VERSION = 1;

    /** s within which a trip under way is not cut anew. */
    private const FRESH = 300;

    /** s after its end that a trip is still read by all that is learnt of the gear, and by every point that comes late. */
    private const SETTLED = 86_400;

    /** s that reading trips may take of one look; what is not read by then is with the next. */
    private const WHILE = 2.0;

    private function __construct(private Boat $boat, private Track $track, private float $now)
    {
    }

    public static function of(Boat $boat, Track $track): Fished
    {
        return (new self($boat, $track, (float) now()->format('U')))->read();
    }

    /** Reads all that is not read yet, however long it takes. */
    public static function whole(Boat $boat, Track $track): void
    {
        $before = PHP_INT_MAX;
        // Where nothing of it can be kept, nothing becomes of it.
        while (($unread = self::of($boat, $track)->unread) > 0 && $unread < $before) {
            $before = $unread;
        }
    }

    private function read(): Fished
    {
        $bands = new Bands($this->boat->book(Book::Patterns));
        $read = new ReadTrips($bands);
        $events = KeptEvents::latest();
        $gear = Locker::ever($this->boat)->version();
        $end = hrtime(true) + (int) (1e9 * self::WHILE);
        $days = [];
        $unread = $made = 0;
        // The latest are read first: they are what tomorrow goes by.
        $trips = $this->boat->trips()->with(['temperatures', 'spreads'])->orderByDesc('date')->orderByDesc('lines_in');
        foreach ($trips->get() as $trip) {
            if (! isset($events[$trip->id])) {
                continue;
            }
            $of = $this->follows($trip, $events[$trip->id], $gear);
            $day = $read->find($trip->id, $of);
            if ($day === false) {
                if ($made > 0 && hrtime(true) > $end) {
                    $unread++;

                    continue;
                }
                $made++;
                $day = $read->keep($trip->id, $of, (new FishedTrip($trip, $this->boat, $this->track))->pieces($this->now));
            }
            if ($day !== null) {
                $days[] = $day;
            }
        }

        return new Fished(array_reverse($days), $bands, $unread);
    }

    /** @param  array{version: int, at: float}  $events */
    private function follows(Trip $trip, array $events, string $gear): string
    {
        $until = KeptEvents::until($trip, $this->boat, $this->now, $events['at']);
        $settled = $until < $this->now - self::SETTLED;

        return hash('xxh128', serialize([
            self::VERSION, $trip->getAttributes(), $trip->temperatures->toArray(), $trip->spreads->pluck('version', 'id')->all(),
            $events['version'], $this->boat->timezone,
            $this->boat->rule_books[Book::Reading->value] ?? null,
            // As the gear was known then: a day of last year is not read anew because a lure was bought.
            ...($settled ? [] : [
                $gear, floor($until / self::FRESH),
                $until < $this->now ? $this->track->counted((float) $trip->midnight($this->boat)->format('U'), $until) : null,
            ]),
        ]));
    }
}
