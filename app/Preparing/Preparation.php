<?php

declare(strict_types=1);

namespace App\Preparing;

use Admek\Core\Books\Book;
use Admek\Core\Trip\ForecastHour;
use Admek\Core\Trip\GoNoGo;
use Admek\Core\Trip\StoreItem;
use Admek\Core\Trip\Stores;
use Admek\Core\Trip\TripClock;
use Admek\Core\Trip\TripNeeds;
use App\Models\Boat;
use App\Models\Trip;

/** Where a trip's preparation stands: its clock, its chores, its stores, and whether it is fit to go. */
final readonly class Preparation
{
    /** @param  list<ForecastHour>  $forecast */
    private function __construct(
        public Trip $trip,
        public Boat $boat,
        public TripNeeds $needs,
        public TripClock $clock,
        public Timeline $timeline,
        public array $forecast,
        public GoNoGo $go,
    ) {
    }

    public static function of(Trip $trip, Boat $boat): self
    {
        $chores = $boat->book(Book::Chores);
        $needs = Needs::of($trip, $boat);
        $clock = $trip->clock($boat);
        $forecast = array_map(
            static fn (array $hour): ForecastHour => new ForecastHour(...$hour), $trip->forecast['hours'] ?? [],
        );

        return new self(
            $trip, $boat, $needs, $clock, Timeline::of($trip, $needs, $clock, $chores), $forecast,
            GoNoGo::of(
                $forecast,
                $boat->book(Book::Go),
                $clock,
                $trip->run,
                $trip->surfaceTemperature(),
            ),
        );
    }

    /** @return list<StoreItem> */
    public function stores(): array
    {
        return Stores::for($this->needs, $this->clock->hoursFished(), $this->boat->book(Book::Stores), $this->boat->stores ?? []);
    }
}
