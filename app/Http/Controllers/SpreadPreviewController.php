<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Admek\Core\Spread\PlannedLine;
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
            'took_ms' => round((hrtime(true) - $started) / 1e6, 2),
        ]);
    }
}
