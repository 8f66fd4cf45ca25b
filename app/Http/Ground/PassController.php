<?php

declare(strict_types=1);

namespace App\Http\Ground;

use Admek\Core\Ground\Pass;
use Admek\Core\InvalidValue;
use Admek\Core\Spread\Run\SpreadSolver;
use App\Http\Asked\BreachResource;
use App\Http\Trips\TripController;
use App\Http\Trips\TripResource;
use App\Models\Boat;
use App\Models\Trip;
use App\Reading\PassReport;
use Illuminate\Http\JsonResponse;

/** A pass over the ground: what it would be, and the one a trip takes, whose bottom the planning table looks at. */
final class PassController
{
    public function show(PassRequest $request, Trip $trip, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $grid = $boat->chart?->bottom();

        $report = PassReport::of(
            $request->course($grid), $request->float('speed'), $request->current(), $grid, $trip, $boat, $solver,
        );

        return new JsonResponse(
            ['touches' => BreachResource::collection($report['touches'])] + $report, options: JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    public function take(PassRequest $request, Trip $trip, Boat $boat, TripController $trips): TripResource
    {
        $grid = $boat->chart?->bottom();
        $course = $request->course($grid);
        $profile = $grid === null ? [] : Pass::of($course, $request->float('speed'), $request->current())->bottom($grid);
        if (count($profile) < 2) {
            throw InvalidValue::because('places', 'a course that begins on the chart');
        }
        $trip->update([
            'pass' => [
                'places' => array_map(
                    static fn ($place): array => [round($place->latitude, 6), round($place->longitude, 6)], $course->places,
                ),
            ],
            'profile' => $profile, 'profile_name' => $request->input('name') ?? 'the pass',
        ]);

        return $trips->show($trip->id, $boat);
    }
}
