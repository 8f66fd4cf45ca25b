<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Admek\Core\Spread\Breach;
use Admek\Core\Spread\Breaches;
use Admek\Core\Spread\Cure;
use Admek\Core\Spread\Cures;
use Admek\Core\Spread\PlannedLine;
use Admek\Core\Spread\RunningLine;
use Admek\Core\Spread\SpreadSolver;
use App\Http\Requests\PreviewRequest;
use App\Http\Resources\BreachResource;
use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\Locker;
use App\Rigging\RigBuilder;
use App\Rigging\TripLimits;
use Illuminate\Http\JsonResponse;

/** What would put each breach of a spread right, tried before it is offered. */
final class CureController
{
    public function __invoke(PreviewRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $conditions = $request->conditions();
        $lines = (new RigBuilder(Locker::of($boat)))->all($request->lines());
        $running = array_map(static fn (PlannedLine $line): RunningLine => $solver->run($line, $conditions), $lines);
        $limits = TripLimits::of($spread->trip()->with('bands')->firstOrFail());
        $cures = new Cures($lines, $running, $conditions, $limits, $boat->units === 'metric', $solver);

        return new JsonResponse(['cures' => array_values(array_filter(array_map(
            static fn (Breach $breach): ?array => self::offer($breach, $cures->of($breach)),
            Breaches::of($running, $limits),
        )))]);
    }

    /** @return ?array<string, mixed> */
    private static function offer(Breach $breach, ?Cure $cure): ?array
    {
        return $cure === null ? null : [
            'breach' => new BreachResource($breach),
            'kind' => $cure->kind->value,
            'holders' => $cure->holders,
            'value' => $cure->value,
        ];
    }
}
