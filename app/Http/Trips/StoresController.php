<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\InvalidValue;
use Admek\Core\Trip\Stores;
use App\Models\Boat;
use App\Models\Trip;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What is aboard of what trips use up. */
final class StoresController
{
    public function update(Request $request, Trip $trip, Boat $boat): JsonResponse
    {
        $aboard = $boat->stores ?? [];
        $request->validate(['aboard' => ['present', 'array']]);
        foreach ($request->array('aboard') as $item => $amount) {
            InvalidValue::unlessBetween(
                "aboard.{$item}", is_int($amount) || is_float($amount) ? (float) $amount : NAN, ...Stores::ABOARD,
            );
            $aboard[(string) $item] = (float) $amount;
        }
        $boat->update(['stores' => $aboard]);

        return PreparationController::answer($trip, $boat, $request);
    }
}
