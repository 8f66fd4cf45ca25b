<?php

declare(strict_types=1);

namespace App\Http\Previews;

use Admek\Core\Spread\Check\Ticking;
use Admek\Core\Spread\Plan\FreshLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\BoardUse;
use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\Locker;
use App\Rigging\TripLimits;
use Illuminate\Http\JsonResponse;

/** A rod rigged as something else, or off another reel, from the gear aboard: as it would be begun. */
final class RigController
{
    public function __invoke(RigRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $trip = $spread->trip()->firstOrFail();
        $locker = Locker::of($boat->asOn($trip), $trip);
        // Not rigged first: a line that cannot be is just the one to be rigged anew.
        $line = (new FreshLine($locker->gear(), $locker->lines($request->rows()), $boat->riggingRules()))->in(
            $locker->holder($request->integer('holder_id')),
            Presentation::from($request->string('presentation')->value()),
            BoardUse::from($request->string('board')->value()),
            $request->input('reel_id') === null ? null : $locker->reel($request->integer('reel_id')),
        );

        $ticking = new Ticking(
            $trip->conditions($request->float('speed')), TripLimits::of($trip, $boat), $locker->mast, $boat->units === 'metric',
            $solver,
        );

        return new JsonResponse(['line' => $locker->row($ticking->begun($line))], options: JSON_PRESERVE_ZERO_FRACTION);
    }
}
