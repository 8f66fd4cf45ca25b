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

final class BiteController
{
    /** Snapshots are handed out as they are kept: each is every line of the spread, and a day has many. */
    public function index(Trip $trip): JsonResponse
    {
        $bites = [];
        foreach ($trip->bites()->toBase()->get() as $row) {
            $bite = (new Bite)->setRawAttributes(['snapshot' => 'null'] + (array) $row);
            $told = (string) json_encode((new BiteResource($bite))->told());
            $bites[] = substr($told, 0, -1).',"snapshot":'.$row->snapshot.'}';
        }

        return JsonResponse::fromJsonString('['.implode(',', $bites).']');
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
            + ['holder' => Locker::ever($boat)->holder($request->integer('holder_id'))->code, 'snapshot' => $snapshot],
        );

        return (new BiteResource($bite))->response()->setStatusCode(201);
    }
}
