<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\InvalidValue;
use App\Models\Bite;
use App\Models\Boat;
use App\Models\Trip;
use App\Rigging\BiteSnapshot;
use App\Rigging\Locker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class BiteController
{
    public function index(Trip $trip): AnonymousResourceCollection
    {
        return BiteResource::collection($trip->bites);
    }

    /** A bite the device sends again, not having heard that it arrived, is answered with the one that is kept. */
    public function store(LogBiteRequest $request, Trip $trip, Boat $boat): JsonResponse
    {
        $kept = Bite::query()->where('uuid', $request->string('uuid')->value())->first();
        if ($kept !== null) {
            return (new BiteResource($kept))->response();
        }
        if (! $trip->spreads()->whereKey($request->integer('spread_id'))->exists()) {
            throw InvalidValue::because('spread_id', 'the id of a spread of this trip');
        }
        $snapshot = BiteSnapshot::take(
            $boat, $request->rows(), $request->conditions($trip->density()), $request->integer('holder_id'),
        );
        $bite = $trip->bites()->create(
            $request->safe(['uuid', 'spread_id', 'species', 'outcome', 'length', 'weight', 'note', 'bitten_at'])
            + ['holder' => Locker::of($boat)->holder($request->integer('holder_id'))->code, 'snapshot' => $snapshot],
        );

        return (new BiteResource($bite))->response()->setStatusCode(201);
    }
}
