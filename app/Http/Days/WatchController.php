<?php

declare(strict_types=1);

namespace App\Http\Days;

use Admek\Core\Books\Book;
use Admek\Core\Day\Day;
use Admek\Core\Day\EventKind;
use Admek\Core\Fish\FishCare;
use Admek\Core\Fish\Species;
use Admek\Core\Instruments\Figure;
use Admek\Core\Instruments\Known;
use Admek\Core\Instruments\Motion;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Units\Units;
use App\Access\Policy;
use App\Days\AheadOfHer;
use App\Days\StandOfThings;
use App\Days\ToldOnce;
use App\Days\UnderWay;
use App\Days\WatchedRods;
use App\Devices\Ability;
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
use Illuminate\Http\Response;

/** How it stands now: every rod, where its line runs at the speed of now, and what is to be done when it has a fish. */
final readonly class WatchController
{
    public function __construct(private ToldOnce $once, private LiveFile $live, private Track $track)
    {
    }

    public function __invoke(Request $request, Trip $trip, Boat $boat): JsonResponse|Response
    {
        $spread = $trip->spreads()->with('lines')->firstOrFail();
        $locker = Locker::ever($boat, $trip);
        $untrued = $request->query('untrued') === '1';
        $locker = $untrued ? $locker->untaught() : $locker;
        $places = Policy::lets($request, Ability::Places);
        $what = implode('-', ['watch', $trip->id, ...($places ? ['placed'] : []), ...($untrued ? ['untrued'] : [])]);
        $instruments = $this->live->read();
        $key = StandOfThings::key($trip, $spread, $boat, $locker, $what);
        $known = $request->query('known');
        $told = $this->once->told($what, $key, $instruments->version, fn (string $version): string => json_encode(
            ['version' => $version] + $this->look($trip, $boat, $spread, $locker, $instruments, $places),
            JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
        ), known: is_string($known) ? $known : '');
        $request->attributes->add([Standing::TOLD => $what, Standing::NEWS => $told->news]);

        return $known === $told->version() ? new Response(status: 204) : JsonResponse::fromJsonString(
            ToldOnce::atMoment($told->body, (float) now()->format('U.v')),
        );
    }

    /**
     * All that is told of it, but for the moment and the version.
     *
     * @return array<string, mixed>
     */
    private function look(
        Trip $trip, Boat $boat, Spread $spread, Locker $locker, Instruments $instruments, bool $places,
    ): array {
        $now = UnderWay::of($trip, $boat, $spread, $instruments, $this->track);
        [$rods, $out] = WatchedRods::of($now, $now->conditions, $locker);
        $ahead = AheadOfHer::of($now, $out);

        return [
            'speed' => $now->speed,
            'speed_by' => [
                'by' => $now->speedBy->value, 'words' => $now->speedBy->words(), 'read' => $now->speedBy->isRead(),
            ],
            'planned_speed' => $spread->speed,
            'turn' => $now->turn === null ? null : [
                'radius' => $now->turn->radius, 'side' => $now->turn->side->value, 'held' => $now->motion->turnsHard(),
            ],
            'reads' => self::reads($now->motion, $places),
            'bottom' => $trip->bottom,
            'surface' => $now->surface,
            'signs' => (object) $trip->signsSeen(),
            'rods' => array_map(
                static fn (array $rod): array => array_replace($rod, array_map(
                    static fn (?float $at): ?string => $at === null ? null : Moment::told($at),
                    ['since' => $rod['since'], 'due' => $rod['due']],
                )),
                $ahead?->onBottom($rods) ?? $rods,
            ),
            'ahead' => $places ? $ahead?->told() : null,
            'care' => self::care($now, $out),
            'bags' => self::bags($now->day, $trip),
            'bites' => count($now->day->bites),
            'placed' => $now->motion->place() !== null,
            'fished' => $now->day->spells !== [],
            'ended' => $now->day->last(EventKind::Ended) !== null,
            'follows' => array_filter(
                $trip->species, static fn (string $species): bool => Species::from($species)->follows(),
            ) !== [],
        ];
    }

    /**
     * What she reads, as old as it is; not where on the ground she is, and to who may not see that not which way she goes there.
     *
     * @return object by figure
     */
    private static function reads(Motion $motion, bool $places): object
    {
        $unsaid = [Figure::Latitude, Figure::Longitude];
        $unsaid = $places ? $unsaid : [...$unsaid, Figure::Course, Figure::Heading, Figure::GroundSpeed];

        return (object) array_map(static fn (Known $known): array => [
            'value' => $known->value, 'age' => round($known->age, 1), 'live' => $known->live,
        ], array_diff_key($motion->figures, array_flip(array_column($unsaid, 'value'))));
    }

    /**
     * How fish that go back are handled in this water, from as deep as lines run.
     *
     * @param  list<RunningLine>  $out
     * @return list<string>
     */
    private static function care(UnderWay $now, array $out): array
    {
        $rules = $now->boat->book(Book::Care);
        $deepest = max(0.0, 0.0, ...array_map(static fn (RunningLine $line): float => $line->depth(), $out));
        $deepest = array_fill_keys($now->trip->species, $deepest);

        return array_map(
            static fn (array $species): string => FishCare::advice($species, $rules, $now->surface, $deepest)
                ->in(Units::from($now->boat->units)),
            FishCare::together(array_map(Species::from(...), $now->trip->species)),
        );
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
