<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Trip\FreshTrip;
use Admek\Core\Trip\LineLimit;
use Admek\Core\Trip\PlaceAsked;
use Admek\Core\Water\Signs\Sun;
use App\Access\Policy;
use App\Days\EventLog;
use App\Days\LinesAsTold;
use App\Devices\Ability;
use App\Models\Boat;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\CarriedOn;
use App\Rigging\Locker;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

final class TripController
{
    /** The season; to who may not see that, the trip under way. */
    public function index(Request $request, Boat $boat): AnonymousResourceCollection
    {
        $trips = self::whole()->where('boat_id', $boat->id)->orderByDesc('date')->orderByDesc('lines_in');
        if (! Policy::lets($request, Ability::Season)) {
            $trips->whereKey($boat->tripsOfNow());
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
        self::mustBeFree($boat, $request->string('date')->value(), $request->string('lines_in')->value(), null);
        self::mustLieThere($request, $boat, null);
        $entered = $request->told();
        $trip = $boat->trips()->make(self::named($entered) + ['bottom' => null]);
        $spreads = Spread::query()->whereRelation('trip', 'boat_id', $boat->id)->latest('id');
        $school = (clone $spreads)->value('school');
        $last = $spreads->with('trip')->lazy(20)->first(static fn (Spread $spread): bool => $trip->isLike($spread->trip))
            ?->load('lines');
        [$carried, $order] = $last === null ? [[], null] : CarriedOn::of($last, $boat, $last->rows());
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
        self::mustBeFree($boat, $request->string('date')->value(), $request->string('lines_in')->value(), $trip);
        self::mustLieThere($request, $boat, $trip);
        $trip->update(self::named($request->told()));
        if ($trip->wasChanged('water_temperature')) {
            $trip->tellSurface($trip->water_temperature);
        }

        return $this->show($trip->id, $boat);
    }

    /** The next day's, begun with the spread as this one's was fished at the end. */
    public function again(Trip $trip, Boat $boat): JsonResponse
    {
        $date = $trip->date->addDay();
        self::mustBeFree($boat, $date->format('Y-m-d'), $trip->lines_in, null);
        $next = $boat->trips()->create(
            ['date' => $date->format('Y-m-d')] + $trip->only([...array_keys(FreshTrip::CARRIED_ON), ...FreshTrip::SAME_GROUND])
                + FreshTrip::ANEW,
        );
        $last = $trip->spreads()->with('lines')->firstOrFail();
        $told = LinesAsTold::of($last, EventLog::of($trip)->day(), Locker::ever($boat->asOn($trip), $trip));
        [$carried, $order] = CarriedOn::of($last, $boat, array_values($told->rows));
        $next->spreads()->create(
            ['name' => 'Plan', 'setting_order' => $order] + $last->only(['speed', 'school']),
        )->lines()->createMany($carried);

        return $this->show($next->id, $boat)->response()->setStatusCode(201);
    }

    /** It does not go, or does after all; what was planned stays. */
    public function callOff(Request $request, Trip $trip, Boat $boat): TripResource
    {
        $request->validate(['called_off' => ['required', 'boolean:strict']]);
        $off = $request->boolean('called_off');
        if (! $off) {
            self::mustBeFree($boat, $trip->date->format('Y-m-d'), $trip->lines_in, $trip);
        }
        $trip->update(['called_off_at' => $off ? now('UTC') : null]);

        return $this->show($trip->id, $boat);
    }

    /** Out of the season's list with all that was told on it, until it is brought back. */
    public function destroy(Trip $trip): Response
    {
        $trip->delete();

        return new Response(status: 204);
    }

    public function deleted(Boat $boat): JsonResponse
    {
        $trips = $boat->trips()->onlyTrashed()->withCount('bites')->orderByDesc('deleted_at')->get();

        return new JsonResponse($trips->map(static fn (Trip $trip): array => [
            'date' => $trip->date->format('Y-m-d'), 'bite_count' => $trip->bites_count,
        ] + $trip->only(['id', 'lines_in', 'ground']))->all());
    }

    public function back(Trip $trip, Boat $boat): TripResource
    {
        if ($trip->called_off_at === null) {
            self::mustBeFree($boat, $trip->date->format('Y-m-d'), $trip->lines_in, $trip);
        }
        $trip->restore();

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

    /** @throws ValidationException naming place_sure, where something speaks against it and nobody has said that it is so */
    private static function mustLieThere(SaveTripRequest $request, Boat $boat, ?Trip $own): void
    {
        if ($request->boolean('place_sure') || $request->input('latitude') === null) {
            return;
        }
        $place = ['latitude' => $request->float('latitude'), 'longitude' => $request->float('longitude')];
        $midday = CarbonImmutable::parse("{$request->string('date')->value()} 12:00", $boat->timezone);
        $sun = (new Sun(...$place))->day($midday->getTimestamp());
        $noon = CarbonImmutable::createFromTimestamp($sun['noon'], $boat->timezone);
        $was = $own ?? $boat->trips()->orderByDesc('date')->orderByDesc('lines_in')->first();
        $asked = PlaceAsked::of(
            $place, $request->string('ground')->value(), 60 * $noon->hour + $noon->minute,
            $was === null ? null : ['ground' => $was->ground, 'latitude' => $was->latitude, 'longitude' => $was->longitude],
        );
        if ($asked !== null) {
            throw ValidationException::withMessages(['place_sure' => $boat->say($asked)]);
        }
    }

    private static function mustBeFree(Boat $boat, string $date, string $linesIn, ?Trip $own): void
    {
        $then = $boat->trips()->whereNull('called_off_at')->whereDate('date', $date)->where('lines_in', $linesIn);
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

        return $trips->each(static function (Trip $trip) use ($boat, $underWay): void {
            $trip->under_way = $trip->id === $underWay;
            $trip->is_out = $trip->under_way && $trip->isOut($boat, (float) now()->format('U'));
            $trip->lines_presumed = LineLimit::presumed($trip->anglers, $boat->lines_per_angler);
        });
    }

    /** @return Builder<Trip> */
    private static function whole(): Builder
    {
        return Trip::query()->with(['bands', 'temperatures', 'spreads' => static function (Relation $spreads): void {
            $spreads->withCount('lines');
        }])->withCount('bites');
    }
}
