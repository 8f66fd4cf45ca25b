<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Trip\FreshTrip;
use Admek\Core\Trip\LineLimit;
use App\Access\Policy;
use App\Devices\Ability;
use App\Models\Boat;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\CarriedOn;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Validation\ValidationException;

final class TripController
{
    /** The season; to who may not see that, the trip under way. */
    public function index(Request $request, Boat $boat): AnonymousResourceCollection
    {
        $trips = self::whole()->where('boat_id', $boat->id)->orderByDesc('date')->orderByDesc('lines_in');
        if (! Policy::lets($request, Ability::Season)) {
            $trips->whereKey($boat->tripUnderWay()?->id);
        }

        return TripResource::collection(self::told($trips->get(), $boat));
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

    public function show(int $trip, Boat $boat): TripResource
    {
        return new TripResource(self::told(self::whole()->findOrFail([$trip]), $boat)->firstOrFail());
    }

    /** A new trip starts from the spread of the latest one like it, so that the captain alters rather than begins again. */
    public function store(SaveTripRequest $request, Boat $boat): JsonResponse
    {
        self::mustBeFree($request, $boat, null);
        /** @var array<string, mixed> $entered */
        $entered = $request->validated();
        $trip = $boat->trips()->make(self::named($entered) + ['bottom' => null]);
        $spreads = Spread::query()->whereRelation('trip', 'boat_id', $boat->id)->latest('id');
        $school = (clone $spreads)->value('school');
        $last = $spreads->with('trip')->lazy(20)->first(static fn (Spread $spread): bool => $trip->isLike($spread->trip))
            ?->load('lines');
        [$carried, $order] = $last === null ? [[], null] : CarriedOn::of($last, $boat);
        $trip->save();
        $spread = $trip->spreads()->create(
            [
                'name' => 'Plan',
                'speed' => $last->speed ?? Conditions::FIRST_SPEED,
                'school' => $school ?? 'boards_first',
                'setting_order' => $order,
            ],
        );
        $spread->lines()->createMany($carried);

        return $this->show($trip->id, $boat)->response()->setStatusCode(201);
    }

    public function update(SaveTripRequest $request, Trip $trip, Boat $boat): TripResource
    {
        self::mustBeFree($request, $boat, $trip);
        $trip->update(self::named($request->validated()));

        return $this->show($trip->id, $boat);
    }

    /**
     * A ground without a name has none.
     *
     * @param  array<string, mixed>  $entered
     * @return array<string, mixed>
     */
    private static function named(array $entered): array
    {
        return ['ground' => $entered['ground'] ?? ''] + $entered;
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

    /**
     * Which of them is the one under way is a matter of them all, and how many lines are usual one of the boat.
     *
     * @param  Collection<int, Trip>  $trips
     * @return Collection<int, Trip>
     */
    private static function told(Collection $trips, Boat $boat): Collection
    {
        $underWay = $boat->tripUnderWay()?->id;

        return $trips->each(static fn (Trip $trip) => $trip->forceFill([
            'under_way' => $trip->id === $underWay,
            'is_out' => $trip->id === $underWay && $trip->isOut($boat, (float) now()->format('U')),
            'lines_presumed' => LineLimit::presumed($trip->anglers, $boat->lines_per_angler),
        ]));
    }

    /** @return Builder<Trip> */
    private static function whole(): Builder
    {
        return Trip::query()->with(['bands', 'temperatures', 'spreads' => static function (Relation $spreads): void {
            $spreads->withCount('lines');
        }])->withCount('bites');
    }
}
