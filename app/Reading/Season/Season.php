<?php

declare(strict_types=1);

namespace App\Reading\Season;

use Admek\Core\Books\Book;
use Admek\Core\Patterns\Bands;
use Admek\Core\Patterns\BiteWindow;
use Admek\Core\Patterns\Exposure;
use Admek\Core\Patterns\Factor;
use Admek\Core\Patterns\Patterns;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\KeptEvents;
use App\Models\Trip;
use App\Rigging\Locker;
use App\Rigging\SeasonShelf;

/**
 * All the boat has fished, piece by piece.
 *
 * @phpstan-type PieceTold array{
 *     hours: float, bites: list<array{species: ?string, at: float}>, from: float, clock: float, sun: ?float,
 *     told: array<string, string|float>, trip: int,
 * }
 */
final readonly class Season
{
    /** s within which a trip under way is not cut anew. */
    private const FRESH = 300;

    /** What cells of the picture of depth and hour are told apart by. */
    private const CELL = 'cell';

    /** @param  list<PieceTold>  $pieces */
    private function __construct(public array $pieces, public Bands $bands)
    {
    }

    public static function of(Boat $boat, Track $track, SeasonShelf $shelf): self
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

        return new self($pieces, new Bands($boat->book(Book::Patterns)));
    }

    /** Of trips on a ground, or with any other word told of them. */
    public function where(Factor $factor, string $level): self
    {
        return new self(array_values(array_filter(
            $this->pieces, static fn (array $piece): bool => ($piece['told'][$factor->value] ?? null) === $level,
        )), $this->bands);
    }

    /** Counting no bites but those of a species. */
    public function biting(?string $species): self
    {
        return $species === null ? $this : new self(array_map(static fn (array $piece): array => array_replace($piece, [
            'bites' => array_values(array_filter(
                $piece['bites'], static fn (array $bite): bool => $bite['species'] === $species,
            )),
        ]), $this->pieces), $this->bands);
    }

    /** Before a trip: what it can be begun with. */
    public function before(Trip $trip): self
    {
        return new self(array_values(
            array_filter($this->pieces, static fn (array $piece): bool => $piece['trip'] !== $trip->id),
        ), $this->bands);
    }

    public function patterns(): Patterns
    {
        return Patterns::of(array_map(fn (array $piece): Exposure => new Exposure(
            $piece['hours'], count($piece['bites']), $this->levels($piece['told']),
        ), $this->pieces));
    }

    /** @return array{clock: BiteWindow, sun: BiteWindow} */
    public function windows(): array
    {
        $along = ['clock' => [], 'sun' => []];
        foreach ($this->pieces as $piece) {
            $along['clock'][] = [$piece['clock'], $piece['hours'], count($piece['bites'])];
            if ($piece['sun'] !== null) {
                $along['sun'][] = [$piece['sun'], $piece['hours'], count($piece['bites'])];
            }
        }

        return [
            'clock' => BiteWindow::of($along['clock'], BiteWindow::CLOCK),
            'sun' => BiteWindow::of($along['sun'], BiteWindow::SUN),
        ];
    }

    /** @return list<array{depth: string, hour: int, hours: float, bites: int, rate: float}> depth by hour of the day */
    public function cells(): array
    {
        $exposures = [];
        foreach ($this->pieces as $piece) {
            $depth = $piece['told'][Factor::Depth->value] ?? null;
            if (is_numeric($depth)) {
                $at = $this->bands->level(Factor::Depth, (float) $depth).' '.(int) floor($piece['clock']);
                $exposures[] = new Exposure($piece['hours'], count($piece['bites']), [self::CELL => $at]);
            }
        }
        $cells = [];
        foreach (Patterns::of($exposures, alike: false)->factors[self::CELL] ?? [] as $rate) {
            [$depth, $hour] = explode(' ', $rate->level);
            $cells[] = [
                'depth' => $depth, 'hour' => (int) $hour, 'hours' => $rate->hours, 'bites' => $rate->bites, 'rate' => $rate->rate,
            ];
        }

        return $cells;
    }

    /**
     * Each trip on a line of time, the latest first.
     *
     * @return list<array{trip: int, from: float, until: float, hours: float, bites: list<float>}> by hours of the boat's clock
     */
    public function days(): array
    {
        $days = [];
        foreach ($this->pieces as $piece) {
            $half = 0.5 * $piece['hours'];
            $day = $days[$piece['trip']] ?? [
                'trip' => $piece['trip'], 'from' => INF, 'until' => 0.0, 'hours' => 0.0, 'bites' => [],
            ];
            $days[$piece['trip']] = [
                'from' => min($day['from'], $piece['clock'] - $half), 'until' => max($day['until'], $piece['clock'] + $half),
                'hours' => $day['hours'] + $piece['hours'], 'bites' => [
                    ...$day['bites'], ...array_map(
                        static fn (array $bite): float => $piece['clock'] - $half + ($bite['at'] - $piece['from']) / 3600.0,
                        $piece['bites'],
                    ),
                ],
            ] + $day;
        }

        return array_reverse(array_values($days));
    }

    /**
     * @param  array<string, string|float>  $told
     * @return array<string, string>
     */
    private function levels(array $told): array
    {
        $levels = [];
        foreach ($told as $key => $value) {
            $factor = Factor::from($key);
            $levels[$key] = $factor->quantity() === null ? (string) $value : $this->bands->level($factor, (float) $value);
        }

        return $levels;
    }
}
