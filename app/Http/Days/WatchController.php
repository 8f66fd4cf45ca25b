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
use App\Days\Told;
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
use stdClass;

/** How it stands now: every rod, where its line runs at the speed of now, and what is to be done when it has a fish. */
final readonly class WatchController
{
    public function __construct(private ToldOnce $once, private LiveFile $live, private Track $track)
    {
    }

    public function __invoke(Request $request, Trip $trip, Boat $boat): JsonResponse|Response
    {
        $untrued = $request->query('untrued') === '1';
        $unplaced = implode('-', ['watch', $trip->id, ...($untrued ? ['untrued'] : [])]);
        $placed = $unplaced.ToldOnce::OF_IT.'placed';
        $heard = $this->live->read();
        $known = is_string($request->query('known')) ? $request->query('known') : '';
        $stand = $request->server->getString(Standing::STAND);
        $rigged = static function () use ($trip, $boat, $untrued): array {
            static $rigged = null;
            $locker = static fn (): Locker => Locker::ever($boat, $trip);

            return $rigged ??= [
                $trip->spreads()->with('lines')->firstOrFail(), $untrued ? $locker()->untaught() : $locker(),
            ];
        };
        $key = static fn (string $what): string => StandOfThings::key($trip, $rigged()[0], $boat, $rigged()[1], $what);
        $ask = fn (string $what, callable $make): Told => $this->once->told(
            $what, static fn (): string => $key($what), $heard->version, $make, known: $known, stand: $stand,
        );
        $all = fn (): Told => $ask($placed, function (string $version) use (
            $key, $unplaced, $trip, $boat, $rigged, $heard, $stand,
        ): string {
            $body = self::json(['version' => $version] + $this->look($trip, $boat, $rigged()[0], $rigged()[1], $heard));
            // Worked out once for everybody: who may not see places is told the same without them.
            $without = self::unplaced($body, Told::versionOf($key($unplaced), $heard->version));
            $this->once->with($unplaced, $key($unplaced), $heard->version, $stand, $without);

            return $body;
        });
        $places = Policy::lets($request, Ability::Places);
        $told = $places ? $all() : $ask(
            $unplaced, static fn (string $version): string => self::unplaced($all()->body, $version),
        );
        $request->attributes->add([Standing::TOLD => $places ? $placed : $unplaced, Standing::NEWS => $told->news]);

        return $known === $told->version() ? new Response(status: 204) : JsonResponse::fromJsonString(
            ToldOnce::atMoment($told->body, (float) now()->format('U.v')),
        );
    }

    /** What is told, without what says where on the ground she is or which way she goes there. */
    private static function unplaced(string $body, string $version): string
    {
        $told = json_decode($body, flags: JSON_THROW_ON_ERROR);
        assert($told instanceof stdClass && $told->reads instanceof stdClass);
        foreach (Figure::cases() as $figure) {
            if ($figure->isOfGround()) {
                unset($told->reads->{$figure->value});
            }
        }

        return self::json(array_replace((array) $told, ['version' => $version, 'ahead' => null]));
    }

    /** @param  array<array-key, mixed>  $told */
    private static function json(array $told): string
    {
        return json_encode($told, JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);
    }

    /**
     * All that is told of it, but for the moment and the version.
     *
     * @return array<string, mixed>
     */
    private function look(
        Trip $trip, Boat $boat, Spread $spread, Locker $locker, Instruments $instruments,
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
            'reads' => self::reads($now->motion),
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
            'ahead' => $ahead?->told(),
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

    /** @return object what she reads by figure, as old as it is; not where on the ground she is */
    private static function reads(Motion $motion): object
    {
        $unsaid = [Figure::Latitude->value => 0, Figure::Longitude->value => 0];

        return (object) array_map(static fn (Known $known): array => [
            'value' => $known->value, 'age' => round($known->age, 1), 'live' => $known->live,
        ], array_diff_key($motion->figures, $unsaid));
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
