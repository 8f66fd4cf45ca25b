<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Trip;
use Tests\Feature\Support\FeatureTestCase;

/** What is told of a trip's water on one screen is what every other goes by. */
final class TripWaterToldOnceTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2031-06-01T10:00:00Z');
        $this->seedDemo();
    }

    public function test_a_current_told_on_water_runs_the_spread_its_card_and_watch(): void
    {
        $before = $this->depths();
        // A stronger current with her below: gear feels less way than the log shows, and sinks.
        $this->send('PUT', '/trips/{next}/water/signs', ['current_surface' => 0.0, 'current_deep' => 0.2], 200);
        $after = $this->depths();
        foreach ($before as $screen => $depth) {
            self::assertGreaterThan($depth + 0.5, $after[$screen], $screen);
        }
        self::assertEqualsWithDelta($after['spread'], $after['card'], 1e-3);
        self::assertEqualsWithDelta($after['spread'], $after['watch'], 1e-3);
        $told = $this->send('GET', '/spreads/{next}', expect: 200)->json('water.current');
        self::assertEquals([0.0, 0.2], [$told['surface']['drift'], $told['deep']['drift']]);
        // Another that is tried takes its place, and only there.
        $still = ['heading' => 0.0, 'surface' => ['set' => 0.0, 'drift' => 0.0], 'deep' => [
            'depth' => 20.0, 'set' => 0.0, 'drift' => 0.0,
        ]];
        self::assertEqualsWithDelta(
            $before['spread'], $this->depthOf(['what_if' => ['current' => $still]] + $this->demoSpread(), 'P5'), 1e-3,
        );
        $this->send('PUT', '/trips/{next}/water/signs', ['current_surface' => null, 'current_deep' => null], 200);
        self::assertEqualsWithDelta($before, $this->depths(), 1e-3);
    }

    public function test_a_surface_temperature_is_one_wherever_it_is_told(): void
    {
        $celsius = fn (): array => [
            $this->demoTrip()->surfaceTemperature(), $this->send('GET', '/trips/{next}', expect: 200)->json('water_temperature'),
            $this->send('GET', '/trips/{next}/water', expect: 200)->json('temperatures.0.celsius'),
        ];
        $trip = $this->send('GET', '/trips/{next}', expect: 200)->json();
        $fields = array_flip(['date', 'lines_in', 'back_by', 'ground', 'anglers', 'species', 'bottom']);
        $this->send('PUT', '/trips/{next}', ['water_temperature' => 13.5] + array_intersect_key($trip, $fields), 200);
        self::assertEquals([13.5, 13.5, 13.5], $celsius());
        $this->send('PUT', '/trips/{next}/water/temperatures', ['readings' => [
            ['depth' => 0.0, 'celsius' => 11.0], ['depth' => 20.0, 'celsius' => 8.0],
        ]], 200);
        self::assertEquals([11.0, 11.0, 11.0], $celsius());
        // Told without a column, Water and Prepare know it too.
        $this->send('PUT', '/trips/{next}/water/temperatures', ['readings' => []], 200);
        self::assertContains('Surface 52 °F', array_column(
            $this->send('GET', '/trips/{next}/water', expect: 200)->json('advice'), 'answer',
        ));
        $go = $this->send('GET', '/trips/{next}/preparation', expect: 200)->json('go.whole');
        $warmth = array_column($go, null, 'criterion')['water_temperature'] ?? self::fail();
        self::assertNotSame('unknown', $warmth['verdict']);
    }

    public function test_what_it_begins_with_lies_in_this_water_and_is_of_this_fish_and_ground(): void
    {
        $start = fn (): array => $this->send('GET', '/trips/{next}/start', expect: 200)->json();
        self::assertGreaterThan(0, $start()['bites']);
        $this->demoTrip()->update(['bottom' => 14 * 0.3048]);
        self::assertSame([0, []], [$start()['bites'], $start()['depths']], 'other depths of water');
        $this->demoTrip()->update(['bottom' => 36.0, 'species' => ['muskie']]);
        self::assertSame(0, $start()['bites'], 'other fish');
    }

    public function test_an_earlier_day_speaks_of_its_own_ground_and_season_only(): void
    {
        $changed = fn (): array => array_values(array_filter(
            $this->send('GET', '/trips/{next}/water', expect: 200)->json('advice'),
            static fn (array $advice): bool => $advice['key'] === 'change',
        ));
        self::assertCount(1, $changed());
        Trip::query()->whereKey($this->demoTrip('past')->id)->update(['ground' => 'Elsewhere']);
        self::assertSame([], $changed());
    }

    public function test_a_bouncer_is_begun_ticking_with_what_it_is_fished_with_and_reckoned_to_the_ground(): void
    {
        $this->demoTrip()->update(['bottom' => 22 * 0.3048]);
        $spread = $this->demoSpread();
        $rigged = $this->send('POST', '/spreads/{next}/rig', [
            'holder_id' => $this->holder('P4'), 'presentation' => 'bouncer', 'board' => 'none',
        ] + ['speed' => 0.4] + $spread, 200)->json('line');
        $kinds = array_column($this->send('GET', '/locker', expect: 200)->json('lures'), 'kind', 'id');
        self::assertContains($kinds[$rigged['lure_id']], ['worm_harness', 'slow_spin_hook']);
        $lines = array_values(array_filter(
            $spread['lines'], fn (array $line): bool => $line['holder_id'] !== $this->holder('P4'),
        ));
        $asked = ['speed' => 0.4, 'lines' => [...$lines, $rigged]] + $spread;
        $running = fn (array $asked): array => array_column(
            $this->send('POST', '/spreads/{next}/preview', $asked, 200)->json('lines'), null, 'holder',
        )['P4'];
        self::assertEqualsWithDelta(22 * 0.3048, $running($asked)['weight'][2], 0.35, 'it ticks');
        // With far more out it lies on the ground, and its scope is reckoned to that.
        $long = ['let_out' => 20.0] + $rigged;
        $asked = ['lines' => [...$lines, $long]] + $asked;
        $lies = $running($asked);
        self::assertTrue($lies['on_bottom']);
        self::assertEqualsWithDelta(22 * 0.3048, $lies['depth'], 1e-3);
        self::assertLessThanOrEqual(22 * 0.3048 + 1e-3, max(0.0, 0.0, ...array_column($lies['path'], 2)));
        $rod = $this->send('POST', '/spreads/{next}/rod', ['holder_id' => $this->holder('P4')] + $asked, 200)->json();
        self::assertEqualsWithDelta(20.0 / (22 * 0.3048), $rod['bottom_rig']['scope'], 0.01);
        self::assertLessThanOrEqual(22 * 0.3048 + 1e-9, $rod['depth']);
    }

    /** @return array<string, float> m P5 runs at, by screen */
    private function depths(): array
    {
        $card = $this->send('GET', '/spreads/{next}/deck-card', expect: 200)->json('rows');
        $watch = $this->send('GET', '/trips/{next}/watch', expect: 200)->json('rods');

        return [
            'spread' => $this->depthOf($this->demoSpread(), 'P5'),
            'card' => array_column(array_column($card, 'running'), 'depth', 'holder')['P5'],
            'watch' => array_column($watch, 'depth', 'holder')['P5'],
        ];
    }
}
