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
use App\Days\EventLog;
use App\Days\UnderWay;
use App\Days\WatchedRods;
use App\Devices\Ability;
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
final class WatchController
{
    public function __invoke(Request $request, Trip $trip, Boat $boat, LiveFile $live, Track $track): JsonResponse|Response
    {
        $log = EventLog::of($trip);
        $spread = $trip->spreads()->with('lines')->firstOrFail();
        $locker = Locker::ever($boat, $trip);
        $locker = $request->query('untrued') === '1' ? $locker->untaught() : $locker;
        $instruments = $live->read();
        $version = self::version($log, $spread, $boat, $trip, $locker).'-'.$instruments->version;
        $places = Policy::lets($request, Ability::Places);
        $version .= $places ? '' : '-unplaced';
        if ($request->query('known') === $version) {
            return new Response(status: 204);
        }
        $now = UnderWay::of($trip, $boat, $spread, $instruments, $track);
        [$rods, $out] = WatchedRods::of($now, $now->conditions, $locker);
        $ahead = AheadOfHer::of($now, $out);

        return new JsonResponse([
            'version' => $version,
            'now' => Moment::told((float) now()->format('U.v')),
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
        ], options: JSON_PRESERVE_ZERO_FRACTION);
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

    /** Of everything it is told from: events, the plan, the trip with its water, the boat with her books, gear and chart. */
    private static function version(EventLog $log, Spread $spread, Boat $boat, Trip $trip, Locker $locker): string
    {
        return implode('-', [
            $log->version(), $spread->version, $locker->version(),
            hash('xxh3', serialize([
                $spread->id, $trip->getAttributes(), $trip->surfaceTemperature(), $boat->getAttributes(),
                $boat->chart()->toBase()->value('grid'),
            ])),
        ]);
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
