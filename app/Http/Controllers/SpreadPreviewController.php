<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Admek\Core\Spread\Coverage;
use Admek\Core\Spread\PlannedLine;
use Admek\Core\Spread\RunningLine;
use Admek\Core\Spread\SpreadSolver;
use App\Http\Requests\PreviewRequest;
use App\Http\Resources\RunningLineResource;
use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\Locker;
use App\Rigging\RigBuilder;
use Illuminate\Http\JsonResponse;

/** Solves a spread as it stands on a screen, saved or not, under what-ifs. */
final class SpreadPreviewController
{
    public function __invoke(PreviewRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $started = hrtime(true);
        $conditions = $request->conditions();
        $lines = (new RigBuilder(Locker::of($boat)))->all($request->lines());
        $running = array_map(static fn (PlannedLine $line) => $solver->run($line, $conditions), $lines);

        return new JsonResponse([
            'speed' => $conditions->speed,
            'lines' => RunningLineResource::collection($running),
            'coverage' => $this->coverage($spread, array_map(static fn (RunningLine $line): float => $line->depth(), $running)),
            'took_ms' => round((hrtime(true) - $started) / 1e6, 2),
        ]);
    }

    /**
     * @param  list<float>  $depths  m
     * @return list<array<string, mixed>>
     */
    private function coverage(Spread $spread, array $depths): array
    {
        $coverage = [];
        foreach ($spread->trip()->with('bands')->firstOrFail()->bands as $band) {
            $covered = Coverage::of($band->top, $band->bottom, $depths);
            $coverage[] = ['species' => $band->species, 'share' => round($covered->share(), 3), 'stretches' => $covered->stretches];
        }

        return $coverage;
    }
}
