<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bite;
use App\Models\Boat;
use App\Models\Trip;
use Carbon\CarbonImmutable;
use Database\Seeders\DemoDays;
use Tests\Feature\Support\FeatureTestCase;

/** The demo world as somebody would find it who knows boats and fish. */
final class DemoWorldTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
    }

    public function test_the_locker_holds_what_the_lines_are_tied_of(): void
    {
        $locker = $this->send('GET', '/locker', expect: 200)->json();
        self::assertNotEmpty($locker['weights']);
        self::assertNotEmpty($locker['attractors']);
        $tied = array_map(
            static fn (array $leader): array => [$leader['material'], (float) $leader['test'], round($leader['length'], 4)],
            $locker['leaders'],
        );
        foreach ($this->demoSpread()['lines'] as $line) {
            $leader = [$line['leader_material'], (float) $line['leader_test'], round($line['leader_length'], 4)];
            self::assertContains($leader, $tied);
        }
    }

    public function test_fish_weigh_what_such_fish_do(): void
    {
        (new DemoDays(Boat::query()->sole(), 7))->season(CarbonImmutable::today());
        $landed = Bite::query()->where('outcome', 'landed')->get();
        self::assertGreaterThan(40, $landed->count());
        foreach ($landed as $fish) {
            // Salmon and trout of this size lie between a spent and a fat one by weight over length cubed, g and cm.
            $condition = 100.0 * 1000.0 * $fish->weight / (100.0 * $fish->length) ** 3;
            self::assertTrue($condition > 0.65 && $condition < 1.75, "{$fish->species} {$fish->length} m {$fish->weight} kg");
        }
        $king = $landed->where('species', 'king');
        self::assertGreaterThan(2.0, $king->max('weight') / $king->min('weight'), 'there are small ones and large ones');
    }

    public function test_a_season_lies_in_the_months_its_water_is_of(): void
    {
        foreach (['2031-01-15', '2031-08-20'] as $today) {
            Trip::query()->delete();
            (new DemoDays(Boat::query()->sole(), 7))->season(CarbonImmutable::parse($today));
            $months = Trip::query()->get()->map(static fn (Trip $trip): int => $trip->date->month);
            self::assertSame([], array_diff($months->all(), [6, 7, 8]), $today);
            self::assertCount(12, $months);
            self::assertLessThan($today, Trip::query()->max('date'));
        }
    }
}
