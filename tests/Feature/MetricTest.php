<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Boat;
use Tests\Feature\Support\FeatureTestCase;

/** A boat that thinks in metres, degrees Celsius and kilometres: everything that is said is said so. */
final class MetricTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
        Boat::query()->firstOrFail()->update(['units' => 'metric', 'timezone' => 'Etc/GMT+3', 'stores' => null]);
        $this->demoTrip()->update(['date' => '2031-07-10', 'lines_in' => '05:15', 'back_by' => '12:00']);
    }

    public function test_the_verdict_its_hours_and_its_limits(): void
    {
        $go = $this->send('GET', '/trips/{next}/preparation', expect: 200)->json('go');

        self::assertMatchesRegularExpression(
            '/^Wave \d\.\d m at \d{1,2}:\d\d [AP]M on the (ground|way home) is close to your limit of 0\.9 m\.$/',
            (string) current(
                array_filter(
                    array_column($go['worst'], 'said'), static fn (string $said): bool => str_starts_with($said, 'Wave'),
                ),
            ),
        );
        self::assertSame(
            ['Distance 10.5 km, your limit 24.1 km.', 'Water temperature 18.9 °C, your limit 4.4 °C.'],
            array_column($go['whole'], 'sentence'),
        );
        ['name' => $name, 'figure' => $figure, 'unit' => $unit] = $go['hours'][0]['findings'][0];
        self::assertMatchesRegularExpression('~^wind \d+ km/h$~', "{$name} {$figure} {$unit}");
        $wind = array_column($this->send('GET', '/boat/books/go', expect: 200)->json('rules'), null, 'key')['wind'];
        self::assertEqualsWithDelta([32.187, 'km/h'], [$wind['value'], $wind['unit']], 0.001);
        $this->send('PUT', '/boat/books/go', ['own' => ['wind' => 10]], 200);
        self::assertEqualsWithDelta(
            10 / 3.6, Boat::query()->firstOrFail()->rule_books['go']['wind'] ?? null, 1e-6, 'kept in m/s',
        );
    }

    public function test_stores_and_leaders(): void
    {
        $items = array_column($this->send('GET', '/trips/{next}/preparation', expect: 200)->json('stores'), null, 'key');

        self::assertSame(['leader 1.83 fluorocarbon 25', 'leader 6.10 fluorocarbon 25', 'ice'], array_keys($items));
        self::assertSame('Leaders, 1.8 m fluorocarbon 25 lb', $items['leader 1.83 fluorocarbon 25']['name']);
        self::assertStringEndsWith(' kg', $items['ice']['needed_said']);
        self::assertSame('3.6 kg a guest and 0.9 kg an hour.', $items['ice']['why']);
    }

    public function test_the_water_read_and_temperatures_as_they_come(): void
    {
        $water = $this->send('GET', '/trips/{next}/water', expect: 200)->json();
        $said = array_column($water['advice'], 'answer', 'key');

        self::assertSame(
            '12 fish marked from 17.7 to 20.1 m: run 0.6 to 1.2 m above them, they look up.', $water['bands'][0]['why'],
        );
        self::assertSame('Thermocline 11.7 to 14.8 m', $said['thermocline']);
        self::assertSame('3.2 to 4.5 km/h, start at 4.1', $said['speed']);
        self::assertSame('2 m of fluorocarbon', $said['leader']);
        self::assertEqualsWithDelta(1.5, $water['bar'], 1e-9);
        $preview = $this->send('POST', '/trips/{next}/water/temperatures', ['text' => "0 18\n10 17\n20 9"], 200)->json();
        self::assertSame(
            [['m', true], ['°C', true]],
            [
                [$preview['columns']['depth']['unit'], $preview['columns']['depth']['guessed']],
                [$preview['columns']['temperature']['unit'], $preview['columns']['temperature']['guessed']],
            ],
        );
        self::assertEqualsWithDelta([20.0, 9.0], [$preview['readings'][2]['depth'], $preview['readings'][2]['celsius']], 1e-6);
    }

    public function test_the_chart_is_ruled_in_metres(): void
    {
        $depths = array_column($this->send('GET', '/chart', expect: 200)->json('contours'), 'depth');

        self::assertEqualsWithDelta([0.0, 3.0, 6.0, 9.0], array_slice($depths, 0, 4), 1e-9);
    }

    public function test_a_forecast_without_units_is_taken_in_the_boat_s(): void
    {
        $go = $this->send(
            'POST', '/trips/{next}/forecast/file', ['text' => "time,wind,waves,visibility\n04:00,18,0.4,12\n"], 200,
        )->json('go');

        self::assertEqualsWithDelta(
            [5.0, 0.4, 12000.0],
            [$go['forecast']['hours'][0]['wind'], $go['forecast']['hours'][0]['wave'], $go['forecast']['hours'][0]['visibility']],
            1e-9,
        );
    }
}
