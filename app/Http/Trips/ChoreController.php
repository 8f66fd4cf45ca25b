<?php

declare(strict_types=1);

namespace App\Http\Trips;

use App\Models\Boat;
use App\Models\Trip;
use App\Preparing\Preparation;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What the captain says of a trip's chores: done, whose, when; left out; and chores of his own. */
final class ChoreController
{
    public function store(ChoreRequest $request, Trip $trip, Boat $boat): JsonResponse
    {
        $trip->chores()->create(['key' => 'own '.Str::uuid()] + $request->validated());

        return PreparationController::answer($trip, $boat, $request, 201);
    }

    public function update(ChoreRequest $request, Trip $trip, string $key, Boat $boat): JsonResponse
    {
        $said = $trip->chores()->where('key', $key)->first();
        if ($said === null) {
            self::mustBeOf($trip, $boat, $key);
            $said = $trip->chores()->make(['key' => $key]);
        }
        $said->fill($request->safe(['at', 'minutes', 'owner', 'dropped'] + ($said->what === null ? [] : [4 => 'what'])));
        if ($request->exists('done')) {
            $said->done_at = $request->boolean('done') ? ($said->done_at ?? CarbonImmutable::now()) : null;
        }
        $said->save();

        return PreparationController::answer($trip, $boat, $request);
    }

    /** One of the captain's own goes; of another what he said of it. */
    public function destroy(Request $request, Trip $trip, string $key, Boat $boat): JsonResponse
    {
        $trip->chores()->where('key', $key)->firstOrFail()->delete();

        return PreparationController::answer($trip, $boat, $request);
    }

    private static function mustBeOf(Trip $trip, Boat $boat, string $key): void
    {
        foreach (Preparation::of($trip, $boat)->timeline->entries as ['chore' => $chore]) {
            if ($chore->key === $key) {
                return;
            }
        }
        throw new NotFoundHttpException('There is no such route or chore.');
    }
}
