<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\Records\Outcome;
use App\Days\AtTheTime;
use App\Days\EventLog;
use App\Http\Days\Moment;
use App\Http\Days\Who;
use App\Models\Bite;
use App\Models\Boat;
use App\Models\Trip;
use App\Rigging\Locker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class BiteController
{
    /** Snapshots are handed out as they are kept: each is every line of the spread, and a day has many. */
    public function index(Request $request, Trip $trip): JsonResponse
    {
        $bites = [];
        foreach ($trip->bites()->toBase()->get() as $row) {
            $bite = (new Bite)->setRawAttributes(['snapshot' => 'null'] + (array) $row);
            $told = (string) json_encode((new BiteResource($bite))->told($request));
            $bites[] = substr($told, 0, -1).',"snapshot":'.$row->snapshot.'}';
        }

        return JsonResponse::fromJsonString('['.implode(',', $bites).']');
    }

    /**
     * A bite with what came of it, told at once: two events. One the device sends again, not having heard that it arrived, is
     * answered with the one that is kept.
     */
    public function store(LogBiteRequest $request, Trip $trip, Boat $boat, AtTheTime $then): JsonResponse
    {
        $uuid = $request->string('uuid')->value();
        $kept = Bite::query()->where('uuid', $uuid)->first();
        if ($kept !== null) {
            return (new BiteResource($kept))->response();
        }
        $trip->ownSpread($request->integer('spread_id'));
        $at = Moment::seconds($request->string('bitten_at')->value());
        $snapshot = $then->bite(
            $boat, $trip, $request->rows(), $request->conditions($trip), $request->integer('holder_id'), $at,
            $request->integer('spread_id'),
        );
        EventLog::of($trip)->keepBite(
            $uuid, $at,
            Locker::ever($boat)->holder($request->integer('holder_id'))->code, $snapshot,
            $request->enum('outcome', Outcome::class) ?? Outcome::Hooked,
            $request->safe(['species', 'length', 'weight', 'note']), $request->integer('spread_id'), Who::asks($request),
        );

        return (new BiteResource(Bite::query()->where('uuid', $uuid)->firstOrFail()))->response()->setStatusCode(201);
    }
}
