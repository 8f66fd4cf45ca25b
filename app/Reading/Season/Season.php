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
use Illuminate\Support\Facades\DB;
use stdClass;

/** All the boat has fished: each trip is read once, and again only where something it follows from has changed. */
final readonly class Season
{
    /** Of how a trip is read: one that was read otherwise is read anew. */
    private const VERSION = 1;

    /** s within which a trip under way is not cut anew. */
    private const FRESH = 300;

    private const DAY = 86_400;

    /** s after its end that a trip is still read by all that is learnt of the gear, and by every point that comes late. */
    private const SETTLED = self::DAY;

    /** s that reading trips may take of one look; what is not read by then is with the next. */
    private const WHILE = 2.0;

    /**
     * @param  list<int>  $trips  that are read, earlier first
     * @param  int  $unread  that are not
     * @param  string  $version  changes with anything that is read
     */
    private function __construct(
        private ReadTrips $read, private Bands $bands, private array $trips, public int $unread, public string $version,
    ) {
    }

    /** Reads all that is not read yet, however long it takes. */
    public static function whole(Boat $boat, Track $track): void
    {
        $before = PHP_INT_MAX;
        // Where nothing of it can be kept, nothing becomes of it.
        while (($unread = self::look($boat, $track)->unread) > 0 && $unread < $before) {
            $before = $unread;
        }
    }

    public static function look(Boat $boat, Track $track): self
    {
        $bands = new Bands($boat->book(Book::Patterns));
        $read = new ReadTrips($bands);
        $end = hrtime(true) + (int) (1e9 * self::WHILE);
        $trips = [];
        $made = 0;
        $all = self::followed($boat, $track);
        foreach ($all as $trip => $of) {
            if (! $read->has($trip, $of)) {
                if ($made > 0 && hrtime(true) > $end) {
                    continue;
                }
                $made++;
                $fished = new FishedTrip(Trip::query()->where('id', $trip)->sole(), $boat, $track);
                $read->keep($trip, $of, $fished->pieces(self::now()));
            }
            $trips[] = $trip;
        }

        return new self($read, $bands, array_reverse($trips), count($all) - count($trips), hash('xxh128', serialize([
            array_intersect_key($all, array_flip($trips)), count($all), $bands,
        ])));
    }

    public function fished(): Fished
    {
        $days = array_values(array_filter(array_map($this->read->day(...), $this->trips)));

        return new Fished($days, $this->bands, $this->unread);
    }

    /** @return array<int, string> hash of all that each trip's reading follows from, the latest first: they are read first */
    private static function followed(Boat $boat, Track $track): array
    {
        $events = KeptEvents::latest();
        $water = self::byTrip('temperature_readings', ['id', 'depth', 'celsius']);
        $plans = self::byTrip('spreads', ['id', 'version']);
        $gear = null;
        $all = [];
        // As they are kept: only of few more is asked.
        foreach ($boat->trips()->orderByDesc('date')->orderByDesc('lines_in')->toBase()->get() as $row) {
            $latest = $events[$row->id] ?? null;
            if ($latest !== null) {
                $settled = self::isSettled($row, $latest['at']) ? [] : self::stillFollows(
                    Trip::query()->where('id', $row->id)->sole(), $boat, $track, $latest['at'],
                );
                $all[$row->id] = hash('xxh128', serialize([
                    self::VERSION, (array) $row, $water[$row->id] ?? [], $plans[$row->id] ?? [], $latest['version'],
                    $boat->timezone,
                    $boat->rule_books[Book::Reading->value] ?? null,
                    // As the gear was known then: a day of last year is not read anew because a lure was bought.
                    $settled === [] ? null : [$settled, $gear ??= Locker::ever($boat)->version()],
                ]));
            }
        }

        return $all;
    }

    /** Whether it ended long ago whatever its hours: a trip ends within the second day after its date. */
    private static function isSettled(stdClass $trip, float $last): bool
    {
        $over = max((float) strtotime("{$trip->date} UTC") + 3 * self::DAY, $last);

        return $over + self::SETTLED < self::now();
    }

    /** @return list<mixed> what a trip's reading follows from besides, until it has settled */
    private static function stillFollows(Trip $trip, Boat $boat, Track $track, float $last): array
    {
        $until = KeptEvents::until($trip, $boat, self::now(), $last);

        return [
            floor($until / self::FRESH),
            $until < self::now() ? $track->counted((float) $trip->midnight($boat)->format('U'), $until) : null,
        ];
    }

    /**
     * @param  list<string>  $columns
     * @return array<int, list<stdClass>> rows by trip
     */
    private static function byTrip(string $table, array $columns): array
    {
        $rows = [];
        foreach (DB::table($table)->orderBy('id')->get(['trip_id', ...$columns]) as $row) {
            $rows[$row->trip_id][] = $row;
        }

        return $rows;
    }

    private static function now(): float
    {
        return (float) now()->format('U');
    }
}
