<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\Locker;
use App\Rigging\OrderOf;

final class SpreadController
{
    public function show(Spread $spread): SpreadResource
    {
        return new SpreadResource($spread->load('lines'));
    }

    public function update(SaveSpreadRequest $request, Spread $spread, Boat $boat): SpreadResource
    {
        $locker = Locker::of($boat);
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
