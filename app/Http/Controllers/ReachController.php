<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Admek\Core\Spread\Deeper;
use Admek\Core\Spread\SpreadSolver;
use App\Http\Requests\ReachRequest;
use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\Locker;
use App\Rigging\RigBuilder;
use Illuminate\Http\JsonResponse;

/** "Run it at": the let-out that takes a line to a depth, or how far it gets and what would help. */
final class ReachController
{
    public function __invoke(ReachRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $line = (new RigBuilder(Locker::of($boat)))->one($request->line(), 'line');
        $reach = $solver->reach($line, $request->conditions(), $request->float('depth'));
        $tooShallow = ! $reach->reached && $reach->depth < $request->float('depth');

        return new JsonResponse([
            'reached' => $reach->reached,
            'control' => $line->rig->control()->kind->value,
            'value' => $line->rig->control()->settable($reach->control, $boat->units === 'metric'),
            'depth' => $reach->depth,
            'would_help' => $tooShallow ? Deeper::than($line->rig) : [],
        ]);
    }
}
