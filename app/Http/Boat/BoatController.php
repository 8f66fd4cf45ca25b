<?php

declare(strict_types=1);

namespace App\Http\Boat;

use App\Models\Boat;
use App\Outfitting\BoatOffer;
use App\Outfitting\StarterLocker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\HttpException;

final class BoatController
{
    public function show(Boat $boat): BoatResource
    {
        return new BoatResource($boat);
    }

    public function offer(): JsonResponse
    {
        return new JsonResponse(BoatOffer::make());
    }

    public function store(CreateBoatRequest $request): JsonResponse
    {
        if (Boat::query()->exists()) {
            throw new HttpException(409, 'There is a boat already; one database is one boat’s.');
        }
        $boat = Boat::query()->create($request->safe(['name', 'length', 'beam', 'units', 'lines_per_angler', 'timezone']));
        foreach ($request->array('holders') as $place => $holder) {
            $boat->holders()->create(['place' => $place] + $holder);
        }
        if ($request->boolean('starter_locker')) {
            StarterLocker::stow($boat);
        }

        return (new BoatResource($boat))->response()->setStatusCode(201);
    }

    /** The port's clock, which trips are timed by. */
    public function clock(Request $request, Boat $boat): BoatResource
    {
        $boat->update(
            $request->validate(
                ['timezone' => ['required', 'string', 'timezone:all_with_bc']],
                ['timezone.timezone' => 'Must be the name of a time zone, such as Etc/GMT+5.'],
            ),
        );

        return new BoatResource($boat);
    }
}
