<?php

declare(strict_types=1);

namespace App\Http\Boat;

use Admek\Core\Boat\Hull;
use Admek\Core\Boat\Rail;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Towing\Side;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Models\Holder;
use App\Outfitting\BoatChange;
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
        $boat = Boat::query()->create($request->safe()->except(['holders', 'starter_locker']));
        foreach (Rail::of($request->holders())->holders as $place => $holder) {
            $boat->holders()->create(['place' => $place] + Holder::rowOf($holder));
        }
        if ($request->boolean('starter_locker')) {
            StarterLocker::stow($boat);
        }

        return (new BoatResource($boat))->response()->setStatusCode(201);
    }

    /** What a change would do to spreads already planned; nothing is kept. */
    public function change(ChangeBoatRequest $request, Boat $boat): JsonResponse
    {
        return new JsonResponse(['trips' => self::told(
            BoatChange::of($boat, $request->safe()->except(['version'])), $request->string('units')->value(),
        )]);
    }

    /** @return list<array{trip: int, date: string, ground: string, gone: int, says: list<string>}> */
    public static function told(BoatChange $change, string $units): array
    {
        $units = Units::from($units);
        $trips = [];
        foreach ($change->does() as ['trip' => $trip, 'refit' => $refit]) {
            $trips[] = [
                'trip' => $trip->id, 'date' => $trip->date->format('Y-m-d'), 'ground' => $trip->ground,
                'gone' => count($refit->gone),
                'says' => array_map(
                    static fn (Sentence $sentence): string => $sentence->in($units),
                    [...array_values($refit->gone), ...$refit->changes],
                ),
            ];
        }

        return $trips;
    }

    public function update(ChangeBoatRequest $request, Boat $boat): BoatResource
    {
        BoatChange::of($boat, $request->safe()->except(['version']))->keep($request->integer('version'));

        return new BoatResource(Boat::query()->findOrFail($boat->id));
    }

    /** A rail in the order it stands in, mirrored where that is asked for, with what a captain would look at twice. */
    public function rail(RailRequest $request): JsonResponse
    {
        $rail = Rail::of($request->holders());
        $mirror = $request->enum('mirror', Side::class);
        if ($mirror !== null) {
            $rail = $rail->mirrored($mirror);
        }
        $ids = array_column($request->array('holders'), 'id', 'code');

        return new JsonResponse([
            'holders' => array_map(static fn (DescribedHolder $holder): array => [
                'id' => $ids[$holder->code] ?? null,
            ] + Holder::rowOf($holder), $rail->holders),
            'remarks' => array_map(
                static fn (Sentence $remark): string => $remark->in(Units::Us),
                $rail->remarks(new Hull($request->float('length'), $request->float('beam'))),
            ),
        ], options: JSON_PRESERVE_ZERO_FRACTION);
    }

    /** The port's clock, which trips are timed by. */
    public function clock(Request $request, Boat $boat): BoatResource
    {
        $boat->update(
            $request->validate(
                ['timezone' => ['required', 'string', 'timezone:all_with_bc']], (new BoatRequest)->messages(),
            ),
        );

        return new BoatResource($boat);
    }
}
