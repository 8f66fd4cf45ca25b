<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Trip\FreshTrip;
use App\Models\Boat;
use App\Models\Spread;
use App\Models\SpreadLine;
use App\Models\Trip;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Validation\ValidationException;

final class TripController
{
    public function index(Boat $boat): AnonymousResourceCollection
    {
        return TripResource::collection(
            self::whole()->where('boat_id', $boat->id)->orderByDesc('date')->orderByDesc('lines_in')->get(),
        );
    }

    /** What a new trip is begun with, for tomorrow by the port's clock. */
    public function fresh(Boat $boat): JsonResponse
    {
        $last = $boat->trips()->orderByDesc('date')->orderByDesc('lines_in')->first();

        return new JsonResponse(
            ['date' => now($boat->timezone)->addDay()->format('Y-m-d')]
                + ($last?->only(array_keys(FreshTrip::CARRIED_ON)) ?? FreshTrip::CARRIED_ON)
                + FreshTrip::ANEW,
            options: JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    public function show(int $trip): TripResource
    {
        return new TripResource(self::whole()->findOrFail($trip));
    }

    /** A new trip starts from the latest trip's spread, so that the captain alters rather than begins again. */
    public function store(SaveTripRequest $request, Boat $boat): JsonResponse
    {
        self::mustBeFree($request, $boat, null);
        /** @var array<string, mixed> $entered */
        $entered = $request->validated();
        $last = Spread::query()->whereRelation('trip', 'boat_id', $boat->id)->with('lines')->latest('id')->first();
        $trip = $boat->trips()->create($entered);
        $spread = $trip->spreads()->create(
            [
                'name' => 'Plan',
                'speed' => $last->speed ?? Conditions::FIRST_SPEED,
                'school' => $last->school ?? 'boards_first',
                'setting_order' => $last?->setting_order,
            ],
        );
        $spread->lines()->createMany($last?->lines->map(
            static fn (SpreadLine $line): array => $line->only(SpreadLine::ALL),
        )->all() ?? []);

        return $this->show($trip->id)->response()->setStatusCode(201);
    }

    public function update(SaveTripRequest $request, Trip $trip, Boat $boat): TripResource
    {
        self::mustBeFree($request, $boat, $trip);
        $trip->update($request->validated());

        return $this->show($trip->id);
    }

    private static function mustBeFree(SaveTripRequest $request, Boat $boat, ?Trip $own): void
    {
        $then = $boat->trips()->whereDate('date', $request->string('date')->value())->where(
            'lines_in', $request->string('lines_in')->value(),
        );
        if (($own === null ? $then : $then->where('id', '!=', $own->id))->exists()) {
            throw ValidationException::withMessages(['lines_in' => 'Must be another time: a trip is planned then already.']);
        }
    }

    /** @return Builder<Trip> */
    private static function whole(): Builder
    {
        return Trip::query()->with(['bands', 'temperatures', 'spreads' => static function (Relation $spreads): void {
            $spreads->withCount('lines');
        }])->withCount('bites');
    }
}
