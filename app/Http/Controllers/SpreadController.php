<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveSpreadRequest;
use App\Http\Resources\SpreadResource;
use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\Locker;
use App\Rigging\RigBuilder;

final class SpreadController
{
    public function show(Spread $spread): SpreadResource
    {
        return new SpreadResource($spread->load('lines'));
    }

    public function update(SaveSpreadRequest $request, Spread $spread, Boat $boat): SpreadResource
    {
        (new RigBuilder(Locker::of($boat)))->all($request->lines());
        $spread->saveAgainst($request->integer('version'), $request->float('speed'), $request->lines());

        return new SpreadResource($spread->load('lines'));
    }
}
