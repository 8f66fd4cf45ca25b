<?php

declare(strict_types=1);

namespace App\Http\Days;

use App\Access\Policy;
use App\Devices\Ability;
use App\Files\GuestDay;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\Trip;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** What guests take home of their day. */
final class GuestPageController
{
    /** Without the place, unless the captain lets them take it home: whoever sees it may not. */
    public function __invoke(Request $request, Trip $trip, Boat $boat, Track $track): Response
    {
        $places = $request->query('places') === '1';
        if ($places && ! Policy::lets($request, Ability::Plan)) {
            throw new AuthorizationException('Only the captain lets guests take places home.');
        }
        $name = Str::slug($boat->name).'-'.$trip->date->format('Y-m-d');

        return new Response((new GuestDay($trip, $boat, $places))->html($track), 200, [
            'Content-Type' => 'text/html; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"{$name}.html\"",
        ]);
    }
}
