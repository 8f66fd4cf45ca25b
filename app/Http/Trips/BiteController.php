<?php

declare(strict_types=1);

namespace App\Http\Trips;

use App\Models\Bite;
use App\Models\Trip;
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
}
