<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Admek\Core\Spread\Breaches;
use Admek\Core\Spread\Coverage;
use Admek\Core\Spread\PlannedLine;
use Admek\Core\Spread\RunningLine;
use Admek\Core\Spread\SpreadSolver;
use Admek\Core\Towing\Flow;
use App\Http\Requests\PreviewRequest;
use App\Http\Resources\BreachResource;
use App\Http\Resources\RunningLineResource;
use App\Models\Boat;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\LineFigures;
use App\Rigging\Locker;
use App\Rigging\RigBuilder;
use App\Rigging\TripLimits;
use Illuminate\Http\JsonResponse;

/** Solves a spread as it stands on a screen, saved or not, under what-ifs. */
final class SpreadPreviewController
{
    public function __invoke(PreviewRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $started = hrtime(true);
        $conditions = $request->conditions();
        $locker = Locker::of($boat);
        $lines = (new RigBuilder($locker))->all($request->lines());
        $running = array_map(static fn (PlannedLine $line): RunningLine => $solver->run($line, $conditions), $lines);
        $trip = $spread->trip()->with('bands')->firstOrFail();

        return new JsonResponse([
            'speed' => $conditions->speed,
            'flow' => self::flow($conditions->water()->flow),
            'lines' => RunningLineResource::collection($running),
            'coverage' => self::coverage($trip, $running),
            'breaches' => BreachResource::collection(Breaches::of($running, TripLimits::of($trip), $this->lures($lines, $request->lines(), $locker))),
            'took_ms' => round((hrtime(true) - $started) / 1e6, 2),
        ]);
    }

    /** @return list<array{depth: float, aft: float, starboard: float}> */
    private static function flow(Flow $flow): array
    {
        return array_map(static fn (float $depth, float $aft, float $starboard): array => [
            'depth' => $depth, 'aft' => round($aft, 4), 'starboard' => round($starboard, 4),
        ], $flow->depths, $flow->aft, $flow->starboard);
    }

    /**
     * @param  list<RunningLine>  $running
     * @return list<array<string, mixed>>
     */
    private static function coverage(Trip $trip, array $running): array
    {
        $depths = array_map(static fn (RunningLine $line): float => $line->depth(), $running);
        $coverage = [];
        foreach ($trip->bands as $band) {
            $covered = Coverage::of($band->top, $band->bottom, $depths);
            $coverage[] = ['species' => $band->species, 'share' => round($covered->share(), 3), 'stretches' => $covered->stretches];
        }

        return $coverage;
    }

    /**
     * @param  list<PlannedLine>  $planned
     * @param  list<array<string, mixed>>  $lines
     * @return array<string, string> name of the lure by holder
     */
    private function lures(array $planned, array $lines, Locker $locker): array
    {
        $lures = [];
        foreach ($planned as $i => $line) {
            $lures[$line->holder] = $locker->lureRecord((new LineFigures($lines[$i]))->id('lure_id'))->name;
        }

        return $lures;
    }
}
