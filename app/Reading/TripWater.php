<?php

declare(strict_types=1);

namespace App\Reading;

use Admek\Core\Books\Book;
use Admek\Core\Fish\Species;
use Admek\Core\Ground\Place;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Tackle\Catalogue\Prospect;
use Admek\Core\Tackle\Parts\Forage;
use Admek\Core\Units\Sentence;
use Admek\Core\Water\Advice;
use Admek\Core\Water\Band;
use Admek\Core\Water\Box\WaterLeader;
use Admek\Core\Water\Pace;
use Admek\Core\Water\Promise;
use Admek\Core\Water\Reading;
use Admek\Core\Water\Schedule;
use Admek\Core\Water\Shade;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\Mark;
use Admek\Core\Water\Signs\Marks;
use Admek\Core\Water\Signs\Sky;
use Admek\Core\Water\Signs\Sun;
use Admek\Core\Water\Signs\Surface;
use Admek\Core\Water\Signs\WaterSigns;
use Admek\Core\Water\TargetBands;
use App\Models\Boat;
use App\Models\Mark as Seen;
use App\Models\Structure;
use App\Models\Trip;

/** A trip's water as it is known, and what it says to do. */
final readonly class TripWater
{
    /** m from the ground within which structure is what a trip fishes. */
    private const NEAR = 6000.0;

    /**
     * @param  list<Band>  $reckoned  as read
     * @param  list<Band>  $bands  with the captain's own in place of those he has changed
     * @param  list<Advice>  $advice
     * @param  list<array{
     *     time: int, elevation: ?float, bearing: ?float, bands: list<array{band: Band, top: float, bottom: float}>,
     * }>  $schedule
     */
    private function __construct(
        public Trip $trip,
        public Boat $boat,
        public WaterSigns $signs,
        public RuleBook $rules,
        public ?Trip $against,
        public ?Sun $sun,
        public array $reckoned,
        public array $bands,
        public array $advice,
        public array $schedule,
    ) {
    }

    /** @param  ?Trip  $against  an earlier trip to compare with; the latest with temperatures where none is named */
    public static function of(Trip $trip, Boat $boat, ?Trip $against = null): self
    {
        $rules = $boat->book(Book::Reading);
        $against ??= Earlier::latest($trip);
        $signs = self::signs($trip, $against !== null && Earlier::isAlike($against, $trip) ? $against : null);
        $species = array_map(Species::from(...), $trip->species);
        $reckoned = (new TargetBands($signs, $boat->book(Book::Habits), $rules))->for($species);
        $bands = array_map(
            static fn (Band $band): Band => self::asChosen($band, $trip->choices['bands'][$band->species->value] ?? null),
            $reckoned,
        );
        $sun = $trip->sun();
        $clock = $trip->clock($boat);
        $from = self::time($trip, $boat, $clock->linesIn);
        $shade = $sun === null ? null : Shade::advice($sun->at($from + 3600), $signs->sky, self::nearest($trip, $boat), $rules);
        $advice = (
            new Reading(
                $signs,
                $bands,
                $species,
                $boat->book(Book::Habits),
                $rules,
                $boat->book(Book::Care),
                $trip->choices['schools'] ?? [],
                $sun?->at($from)['elevation'],
            )
        )->advice();

        return new self(
            $trip, $boat, $signs, $rules, $against, $sun, $reckoned, $bands, $shade === null ? $advice : [...$advice, $shade],
            Schedule::of(
                $bands, $sun, $signs->sky, $from, self::time($trip, $boat, max($clock->leave, $clock->linesIn + 1)), $rules,
            ),
        );
    }

    /** With what the boat's own record says, before the rest. */
    public function recorded(?Advice $record): self
    {
        return $record === null ? $this : new self(
            $this->trip, $this->boat, $this->signs, $this->rules, $this->against, $this->sun, $this->reckoned, $this->bands,
            [$record, ...$this->advice], $this->schedule,
        );
    }

    /** Null where the trip is for nothing yet. */
    public function pace(): ?Pace
    {
        return Pace::of(
            array_map(Species::from(...), $this->trip->species), $this->bands, $this->signs, $this->boat->book(Book::Habits),
            $this->rules,
        );
    }

    /** A band, as it was read or as it is asked for, as the catalogue of presentations looks at it. */
    public function prospect(Species $species, float $top, float $bottom): Prospect
    {
        $from = '';
        foreach ($this->reckoned as $band) {
            $from = $band->species === $species ? $band->from : $from;
        }

        return (new Promise($this->signs, [], $this->rules, $this->trip->choices['schools'] ?? []))->prospect(
            new Band($species, $top, $bottom, 1.0, $from, Sentence::of('Asked for.')),
        );
    }

    /** Null where it is not known how clear the water is. */
    public function leader(): ?WaterLeader
    {
        return WaterLeader::of($this->signs, $this->rules, $this->trip->choices['schools'] ?? []);
    }

    /** A clock time of the trip's day, minutes after midnight, as Unix time. */
    public static function time(Trip $trip, Boat $boat, int $minutes): int
    {
        return $trip->midnight($boat)->addMinutes($minutes)->getTimestamp();
    }

    private static function signs(Trip $trip, ?Trip $against): WaterSigns
    {
        $signs = $trip->signsSeen();

        return new WaterSigns(
            $trip->season(),
            $trip->temperatureProfile(),
            new Marks(
                array_values(
                    $trip->marks->map(
                        static fn (Seen $mark): Mark => new Mark($mark->depth, $mark->count, $mark->tight, $mark->size),
                    )->all(),
                ),
            ),
            $trip->bottom,
            Clarity::tryFrom($signs['clarity'] ?? ''),
            Sky::tryFrom($signs['sky'] ?? ''),
            Surface::tryFrom($signs['surface'] ?? ''),
            $signs['current_surface'] ?? null,
            $signs['current_deep'] ?? null,
            $against === null ? null : $against->temperatureProfile(),
            $against === null ? 0 : (int) round($against->date->diffInDays($trip->date)),
            Forage::tryFrom($signs['forage'] ?? ''),
            $trip->surfaceTemperature(),
        );
    }

    /** Name of the structure nearest the ground, within reach of a morning. */
    private static function nearest(Trip $trip, Boat $boat): ?string
    {
        $ground = new Place((float) $trip->latitude, (float) $trip->longitude);
        $nearest = $boat->structures
            ->map(
                static fn (Structure $structure): array => [
                    'name' => $structure->name, 'away' => min(array_map($ground->to(...), $structure->asGround()->places)),
                ],
            )
            ->sortBy('away')->first();

        return $nearest === null || $nearest['away'] > self::NEAR ? null : $nearest['name'];
    }

    /** @param  ?array{top: float, bottom: float, weight: float}  $own */
    private static function asChosen(Band $band, ?array $own): Band
    {
        return $own === null
            ? $band
            : new Band(
                $band->species,
                (float) $own['top'],
                (float) $own['bottom'],
                (float) $own['weight'],
                'own',
                Sentence::of('Your own.'),
            );
    }
}
