<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Boat;
use App\Models\Trip;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Support\FeatureTestCase;

final class TripTest extends FeatureTestCase
{
    private const TRIP = [
        'date' => '2031-06-01', 'lines_in' => '05:30', 'back_by' => '11:00', 'ground' => 'Dunmarl Bank', 'anglers' => 4,
        'line_limit' => 12, 'limit_source' => 'rule book, May', 'species' => ['lake_trout', 'king'], 'bottom' => 36.0,
    ];

    public function test_trips_stand_latest_first(): void
    {
        $this->seedDemo();
        $trips = $this->send('GET', '/trips', expect: 200)->json();

        self::assertSame([2, 1], array_column($trips, 'id'));
        self::assertSame([0, 7], array_column($trips, 'bite_count'));
        self::assertSame(now()->addDay()->format('Y-m-d'), $trips[0]['date']);
        self::assertSame(12, $trips[0]['spreads'][0]['line_count']);
        self::assertCount(2, $trips[0]['bands']);
    }

    public function test_the_trip_under_way_is_the_nearest_from_today_on_by_the_clock_of_the_port_else_the_latest(): void
    {
        $this->seedDemo();
        Boat::query()->firstOrFail()->update(['timezone' => 'Etc/GMT-12']);
        $this->demoTrip('past')->update(['date' => '2031-06-01']);
        $this->demoTrip()->update(['date' => '2031-06-02']);
        foreach ([
            '2031-05-30 12:00' => 'past', '2031-06-01 11:59' => 'past', '2031-06-01 12:00' => 'next',
            '2031-07-01 00:00' => 'next',
        ] as $now => $which) {
            $this->travelTo($now);
            $trips = array_column($this->send('GET', '/trips', expect: 200)->json(), 'under_way', 'id');
            self::assertSame([$this->demoTrip($which)->id], array_keys($trips, true, true), $now);
            self::assertTrue($this->send('GET', "/trips/{{$which}}", expect: 200)->json('under_way'), $now);
        }
    }

    public function test_a_place_that_is_another_ground_s_or_of_another_clock_is_asked_about_before_it_is_kept(): void
    {
        $this->seedDemo();
        $last = $this->demoTrip();
        $there = ['latitude' => $last->latitude, 'longitude' => $last->longitude];
        $trip = array_replace(self::TRIP, ['ground' => 'Gannet Rise'] + $there);
        $count = Trip::query()->count();
        foreach ([
            "This is where {$last->ground} lies." => $trip,
            'There the sun stands highest at' => array_replace($trip, ['longitude' => -$last->longitude]),
        ] as $asked => $told) {
            $faults = $this->send('POST', '/trips', $told, 422)->json('errors');
            self::assertSame(['/place_sure'], array_column($faults, 'pointer'));
            self::assertStringStartsWith($asked, $faults[0]['detail']);
        }
        self::assertSame($count, Trip::query()->count(), 'nothing is kept meanwhile');
        $kept = $this->send('POST', '/trips', ['place_sure' => true] + $trip, 201)->json();
        self::assertEqualsWithDelta([$last->latitude, $last->longitude], [$kept['latitude'], $kept['longitude']], 1e-9);
        $elsewhere = ['ground' => 'Hollow Reef', 'date' => '2031-06-02', 'latitude' => $last->latitude + 0.1];
        $this->send('POST', '/trips', array_replace($trip, $elsewhere), 201);
    }

    public function test_while_she_is_out_the_next_step_is_the_watch(): void
    {
        $this->seedDemo();
        Boat::query()->firstOrFail()->update(['timezone' => 'Etc/GMT-12']);
        $this->demoTrip()->update(['date' => '2031-06-02', 'lines_in' => '18:00', 'back_by' => '01:30']);
        foreach ([
            '2031-06-02 15:00' => 'spread', '2031-06-02 17:55' => 'watch', '2031-06-02 23:50' => 'watch',
        ] as $now => $screen) {
            $this->travelTo(Carbon::parse($now, 'Etc/GMT-12'));
            self::assertSame($screen, $this->send('GET', '/trips/{next}', expect: 200)->json('next.screen'), $now);
        }
    }

    public function test_a_new_trip_starts_from_the_last_spread(): void
    {
        $this->seedDemo();
        $trip = $this->send('POST', '/trips', self::TRIP, 201)->json();

        self::assertSame(['lake_trout', 'king'], $trip['species']);
        $spread = $this->send('GET', "/spreads/{$trip['spreads'][0]['id']}", expect: 200)->json();
        self::assertSame($this->demoSpread()['lines'], $spread['lines']);
        self::assertSame(1, $spread['version']);
        self::assertSame($trip, $this->send('GET', "/trips/{$trip['id']}", expect: 200)->json());
    }

    public function test_a_trip_for_other_fish_or_another_depth_starts_from_the_last_like_it_or_from_none(): void
    {
        $this->seedDemo();
        $lines = fn (array $trip): int => $this->send(
            'POST', '/trips', $trip + self::TRIP, 201,
        )->json('spreads.0.line_count');
        self::assertSame(0, $lines(['date' => '2031-05-10', 'species' => ['walleye'], 'bottom' => 6.7]));
        self::assertSame(0, $lines(['date' => '2031-05-11', 'species' => ['king'], 'bottom' => 4.3]));
        self::assertSame(12, $lines(['date' => '2031-05-12', 'species' => ['king'], 'bottom' => 30.0]), 'the demo’s, not theirs');
    }

    public function test_a_new_trip_is_begun_as_the_last_one_was_but_for_what_is_another_day_s(): void
    {
        $this->seedDemo();
        $this->send('POST', '/trips', self::TRIP + [
            'water' => 'brackish', 'crew' => 1, 'run' => 9000.0, 'limits_looked_up' => '2031-05-01', 'guests' => ['Ysolde'],
        ], 201);
        $begun = $this->send('GET', '/trips/new', expect: 200)->json();

        self::assertSame(now(Boat::query()->sole()->timezone)->addDay()->format('Y-m-d'), $begun['date']);
        self::assertSame(
            ['05:30', '11:00', 'Dunmarl Bank', 'brackish', 1, 9000.0, ['lake_trout', 'king']],
            [
                $begun['lines_in'], $begun['back_by'], $begun['ground'], $begun['water'], $begun['crew'], $begun['run'],
                $begun['species'],
            ],
        );
        foreach (['guests', 'bottom', 'line_limit', 'limit_source', 'limits_looked_up', 'catch_limits'] as $anew) {
            self::assertNull($begun[$anew], $anew);
        }
        $this->send('POST', '/trips', ['anglers' => 3] + $begun, 201);
    }

    public function test_a_boat_s_first_trip_is_begun_with_what_most_are_and_wants_a_species_alone(): void
    {
        $this->send('GET', '/trips/new', expect: 404);
        $offer = $this->send('GET', '/boat/offer')->json();
        $this->send('POST', '/boat', ['name' => 'A', 'starter_locker' => true] + $offer, 201);
        $begun = $this->send('GET', '/trips/new', expect: 200)->json();
        self::assertSame(['06:00', '12:00', 4, 2], [$begun['lines_in'], $begun['back_by'], $begun['anglers'], $begun['crew']]);
        self::assertSame(['/species'], array_column($this->send('POST', '/trips', $begun, 422)->json('errors'), 'pointer'));
        $trip = $this->send('POST', '/trips', ['species' => ['king']] + $begun, 201)->json();
        self::assertSame(['', 4 * 3, null], [$trip['ground'], $trip['lines_presumed'], $trip['lines_allowed']]);
    }

    public function test_an_empty_plan_goes_as_fast_as_water_says_until_the_captain_says_otherwise(): void
    {
        $offer = $this->send('GET', '/boat/offer')->json();
        $this->send('POST', '/boat', ['name' => 'A', 'starter_locker' => true] + $offer, 201);
        $walleye = ['species' => ['walleye'], 'bottom' => 10.0, 'anglers' => 2] + self::TRIP;
        $trip = $this->send('POST', '/trips', $walleye, 201)->json();
        self::assertSame(['words' => 'Read the water', 'screen' => 'water'], $trip['next']);
        $at = "/trips/{$trip['id']}/water";
        $spread = "/spreads/{$trip['spreads'][0]['id']}";

        $opened = $this->send('GET', $spread, expect: 200)->json();
        self::assertSame($opened['water']['pace']['at'], $opened['speed']);
        self::assertSame(['walleye'], array_column($opened['water']['bands'], 'species'));
        // Marked on bottom, they are bounced: slower.
        $this->send('POST', "{$at}/marks", ['depth' => 9.8, 'count' => 5, 'tight' => false, 'size' => 'medium'], 201);
        $bounced = $this->send('GET', $spread, expect: 200)->json();
        self::assertLessThan($opened['speed'] / 2, $bounced['speed']);
        self::assertSame($bounced['water']['pace']['at'], $bounced['speed']);
        self::assertGreaterThan(7.0, $bounced['water']['bands'][0]['top']);

        $this->send('PUT', $spread, ['version' => 1, 'speed' => 1.0, 'lines' => []], 200);
        self::assertEquals(1.0, $this->send('GET', $spread, expect: 200)->json('speed'));
    }

    public function test_the_first_trip_of_a_new_boat_has_an_empty_spread(): void
    {
        $offer = $this->send('GET', '/boat/offer')->json();
        $this->send('POST', '/boat', ['name' => 'A', 'starter_locker' => true] + $offer, 201);
        $trip = $this->send('POST', '/trips', self::TRIP, 201)->json();

        self::assertSame([], $this->send('GET', "/spreads/{$trip['spreads'][0]['id']}", expect: 200)->json('lines'));
        self::assertSame(
            [],
            $this->send(
                'POST', "/spreads/{$trip['spreads'][0]['id']}/preview", ['speed' => 1.0, 'lines' => []], 200,
            )->json('lines'),
        );
    }

    public function test_a_ground_s_water_bears_the_gear(): void
    {
        $this->seedDemo();
        $spread = $this->demoSpread();
        $trip = ['line_limit' => null] + array_intersect_key(
            $this->send('GET', '/trips/{next}', expect: 200)->json(), self::TRIP,
        );
        $running = fn (): array => array_column(
            $this->send('POST', '/spreads/{next}/preview', $spread, 200)->json('lines'), 'depth', 'holder',
        );
        $fresh = $running();
        $salt = $this->send('PUT', '/trips/{next}', ['water' => 'salt', 'water_temperature' => 12.0] + $trip, 200)->json();

        self::assertSame('salt', $salt['water']);
        self::assertEqualsWithDelta(1025.0, $salt['density'], 1.5);
        self::assertLessThan($fresh['C1'] - 0.1, $running()['C1'], 'core hangs higher in heavier water');
        self::assertLessThan($fresh['P5'] - 0.02, $running()['P5'], 'so does the ball');
        self::assertEqualsWithDelta(
            $salt['density'],
            $this->send('GET', '/spreads/{next}/tow-case', expect: 200)->json('water.density'),
            0.01,
            'the open file says which water',
        );
        self::assertEqualsWithDelta(
            $salt['density'], $this->send('GET', '/spreads/{next}/file', expect: 200)->json('density'), 0.01,
        );
        $this->assertRefusedAt(['/salinity'], 'PUT', '/trips/{next}', ['water' => 'brackish', 'salinity' => 35.0] + $trip);
        $this->assertRefusedAt(['/water'], 'PUT', '/trips/{next}', ['water' => 'tea'] + $trip);
    }

    public function test_two_trips_at_one_time_are_refused(): void
    {
        $this->seedDemo();
        $this->send('POST', '/trips', self::TRIP, 201);
        $this->assertRefusedAt(['/lines_in'], 'POST', '/trips', self::TRIP);
        $this->send('POST', '/trips', ['lines_in' => '06:30'] + self::TRIP, 201);
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function unusable(): iterable
    {
        yield 'nothing' => [
            array_fill_keys(array_keys(self::TRIP), null), ['/date', '/lines_in', '/back_by', '/anglers', '/species'],
        ];
        yield 'a day that is none' => [['date' => '2031-02-30'], ['/date']];
        yield 'back before lines in' => [['back_by' => '05:00'], ['/back_by']];
        yield 'text for anglers' => [['anglers' => '4'], ['/anglers']];
        yield 'a crowd' => [['anglers' => 400], ['/anglers']];
        yield 'half an angler' => [['anglers' => 1.5], ['/anglers']];
        yield 'unknown fish' => [['species' => ['king', 'kraken']], ['/species/1']];
        yield 'the same fish twice' => [['species' => ['king', 'king']], ['/species/0', '/species/1']];
        yield 'a bottom above the water' => [['bottom' => -3], ['/bottom']];
        yield 'a novel for a ground' => [['ground' => str_repeat('ä', 61)], ['/ground']];
    }

    /**
     * @param  array<string, mixed>  $wrong
     * @param  list<string>  $pointers
     */
    #[DataProvider('unusable')]
    public function test_an_unusable_trip_is_refused_whole(array $wrong, array $pointers): void
    {
        $this->seedDemo();
        $this->assertRefusedAt($pointers, 'POST', '/trips', $wrong + self::TRIP);
        self::assertSame(2, Trip::query()->count());
    }

    public function test_unknown_trips_are_not_found(): void
    {
        $this->seedDemo();
        $this->send('GET', '/trips/999', expect: 404);
        $this->send('GET', '/trips/999/bites', expect: 404);
        $this->json('GET', '/api/trips/first')->assertStatus(404);
    }
}
