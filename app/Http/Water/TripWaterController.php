<?php

declare(strict_types=1);

namespace App\Http\Water;

use Admek\Core\Files\ProfileFile;
use App\Http\Trips\SaveBandsRequest;
use App\Http\Trips\SaveBottomRequest;
use App\Http\Trips\TripController;
use App\Http\Trips\TripResource;
use App\Models\Boat;
use App\Models\Trip;

/** The water a trip's spread is planned for: bands wanted, bottom underneath. */
final class TripWaterController
{
    public function bands(SaveBandsRequest $request, Trip $trip, Boat $boat, TripController $trips): TripResource
    {
        $trip->bands()->delete();
        $trip->bands()->createMany($request->validated('bands'));

        return $trips->show($trip->id, $boat);
    }

    /** A profile is read whole or refused; without one in the request the one that is kept stays, an empty one drops it. */
    public function bottom(SaveBottomRequest $request, Trip $trip, Boat $boat, TripController $trips): TripResource
    {
        $profile = (string) $request->input('profile');
        $trip->update($request->safe(['bottom', 'clearance', 'structure']) + (! $request->exists('profile') ? [] : [
            'profile' => trim($profile) === '' ? null : ProfileFile::read($profile, $boat->units === 'metric'),
            'pass' => null,
            'profile_name' => trim($profile) === '' ? null : $request->input('profile_name'),
        ]));

        return $trips->show($trip->id, $boat);
    }
}
