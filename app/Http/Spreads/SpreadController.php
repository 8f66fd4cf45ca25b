<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use Admek\Core\Towing\Medium\Current;
use App\Http\Boat\BoatResource;
use App\Http\Water\WaterResource;
use App\Models\Boat;
use App\Models\Spread;
use App\Reading\TripWater;
use App\Rigging\Locker;
use App\Rigging\OrderOf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class SpreadController
{
    /** With what Water says of its trip: how fast to go, which an empty plan begins with, and the depths it would fish. */
    public function show(Request $request, Spread $spread, Boat $boat): JsonResponse
    {
        $spread->load('lines');
        $trip = $spread->trip()->firstOrFail();
        $water = TripWater::of($trip, $boat);
        $pace = $water->pace();
        if ($pace !== null && $spread->version === 1 && $spread->lines->isEmpty()) {
            $spread->speed = $pace->at;
        }

        return new JsonResponse((new SpreadResource($spread))->resolve($request) + [
            'boat' => (new BoatResource($boat->asOn($trip)))->laidOut(),
            'water' => [
                'pace' => $pace === null ? null : ['slow' => $pace->slow, 'fast' => $pace->fast, 'at' => $pace->at],
                'bands' => WaterResource::wanted($water->schedule[0]['bands'] ?? []),
                'current' => self::current($trip->current()),
            ],
        ]);
    }

    /** @return ?array<string, mixed> as a current that is tried is sent */
    private static function current(?Current $current): ?array
    {
        if ($current === null) {
            return null;
        }
        [$surface, $deep] = $current->layers;

        return ['heading' => $current->heading, 'surface' => array_diff_key($surface, ['depth' => 0]), 'deep' => $deep];
    }

    public function update(SaveSpreadRequest $request, Spread $spread, Boat $boat): SpreadResource
    {
        $locker = Locker::of($boat->asOn($spread->trip()->firstOrFail()));
        $plan = $locker->plan($request->rows());
        OrderOf::chosen(null, $request->input('setting_order'), $locker);
        $spread->saveAgainst(
            $request->integer('version'),
            $request->float('speed'),
            $locker->rows($plan->described),
            $request->safe(['school', 'setting_order']),
        );

        return new SpreadResource($spread->load('lines'));
    }
}
