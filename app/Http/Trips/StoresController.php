<?php

declare(strict_types=1);

namespace App\Http\Trips;

use App\Models\Boat;
use App\Models\Trip;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** What is aboard of what trips use up. */
final class StoresController
{
    public function update(Request $request, Trip $trip, Boat $boat): JsonResponse
    {
        $aboard = $boat->stores ?? [];
        $request->validate(['aboard' => ['present', 'array']]);
        foreach ($request->array('aboard') as $item => $amount) {
            if ((! is_int($amount) && ! is_float($amount)) || $amount < 0 || $amount > 100_000) {
                throw ValidationException::withMessages(["aboard.{$item}" => 'Must be a number from 0 to 100000.']);
            }
            $aboard[(string) $item] = (float) $amount;
        }
        $boat->update(['stores' => $aboard]);

        return PreparationController::answer($trip, $boat, $request);
    }
}
