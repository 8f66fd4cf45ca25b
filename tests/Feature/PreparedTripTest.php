<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Gear\Lure;
use App\Models\Trip;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Feature\Support\TripPrepared;

/** Stores, go or no go, and the limits of a trip, through HTTP. */
final class PreparedTripTest extends FeatureTestCase
{
    use TripPrepared;

    public function test_bait_fished_is_bait_thawed_cut_and_bought(): void
    {
        $spread = $this->demoSpread();
        foreach ([4 => 'rigged_bait', 6 => 'worm_harness'] as $i => $kind) {
            $spread['lines'][$i]['lure_id'] = Lure::query()->where('kind', $kind)->firstOrFail()->id;
        }
        $this->send('PUT', '/spreads/{next}', $spread, 200);
        $prepared = $this->prepared();
        $keys = array_column($prepared['timeline'], 'key');
        self::assertSame([], array_diff(['thaw', 'cure', 'cut', 'live_bait', 'scent'], $keys));
        $items = array_column($prepared['stores'], null, 'key');
        self::assertEquals(21, $items['strips']['needed'], 'one rod, 5.78 h, three strips an hour and a fifth over: 20.8');
        self::assertEquals(11, $items['baits']['needed']);
        self::assertEquals(7, $items['live_bait']['needed']);
        self::assertSame('One rod, 5.8 h, a strip every 20 min, 20% over.', $items['strips']['why']);
        $whole = $this->trip(['bait_strips' => false, 'bait_cure' => 'fresh']);
        self::assertSame([false, 'fresh'], [$whole['bait_strips'], $whole['bait_cure']]);
        $items = array_column($this->prepared()['stores'], 'needed', 'key');
        self::assertEquals(7, $items['baits']);
        self::assertArrayNotHasKey('strips', $items);
        self::assertArrayNotHasKey('salt', $items);
        self::assertSame('Bait rigged whole', $this->chore($this->prepared(), 'cut')['what']);
    }

    public function test_stores_are_counted_against_what_is_aboard(): void
    {
        $items = array_column($this->prepared()['stores'], null, 'key');
        self::assertSame(['leader 1.83 fluorocarbon 25', 'leader 6.10 fluorocarbon 25', 'ice'], array_keys($items));
        self::assertEquals(14, $items['leader 1.83 fluorocarbon 25']['needed'], '9 lines and half as many');
        $counted = array_column(
            $this->send(
                'PUT', '/trips/{next}/stores', ['aboard' => ['leader 1.83 fluorocarbon 25' => 10, 'ice' => 4.5]], 200,
            )->json('stores'),
            null,
            'key',
        );
        self::assertEquals(4, $counted['leader 1.83 fluorocarbon 25']['to_buy']);
        self::assertSame('41.6 lb', $counted['ice']['to_buy_said'], '5 guests at 8 lb and 5.8 h at 2 lb, less 10 lb aboard');
        $this->assertRefusedAt(['/aboard/ice'], 'PUT', '/trips/{next}/stores', ['aboard' => ['ice' => -1]]);
        self::assertEquals(4.5, array_column($this->prepared()['stores'], 'aboard', 'key')['ice']);
    }

    public function test_go_or_no_go_from_the_stand_in_a_file_and_the_keyboard(): void
    {
        self::assertSame('unknown', $this->prepared()['go']['verdict'], 'no forecast is not a fine one');
        $offered = array_column($this->send('GET', '/forecasts', expect: 200)->json(), 'key');
        self::assertSame(['fog-at-dawn', 'onshore-breeze', 'settled', 'turning-at-noon'], $offered);
        $go = array_map(
            fn (string $key): array => $this->send('POST', "/trips/{next}/forecast/fetched/{$key}", expect: 200)->json('go'),
            array_combine($offered, $offered),
        );
        self::assertSame(['no_go', 'no_go', 'go', 'no_go'], array_column($go, 'verdict'));
        self::assertSame('11:00', $go['turning-at-noon']['fit_until']);
        self::assertNull($go['fog-at-dawn']['fit_until'], 'from the dock on');
        self::assertStringContainsString('on the way home', implode(' ', array_column($go['turning-at-noon']['worst'], 'said')));
        self::assertStringContainsString('made up', (string) $go['settled']['forecast']['source']);
        self::assertStringContainsString('north-western', $go['turning-at-noon']['lee']);
        $this->send('POST', '/trips/{next}/forecast/fetched/hurricane', expect: 404);

        $read = $this->send(
            'POST',
            '/trips/{next}/forecast/file',
            ['text' => "time,wind mph\n05:00,9\n08:00,9\n11:00,9\n", 'source' => 'Radio, 21:40'],
            200,
        )->json('go');
        self::assertSame(['unknown', 'Radio, 21:40'], [$read['verdict'], $read['forecast']['source']]);
        $this->assertRefusedAt(
            ['/forecast line 3 wind'], 'POST', '/trips/{next}/forecast/file', ['text' => "time,wind\n05:00,9\n06:00,strong\n"],
        );
        self::assertCount(3, $this->prepared()['go']['forecast']['hours'], 'what was refused took nothing with it');

        $hour = static fn (int $at, ?float $wind): array => [
            'at' => $at,
            'wind' => $wind,
            'gust' => $wind,
            'from' => 225,
            'wave' => 0.3,
            'visibility' => 9000,
            'lightning' => false,
            'front' => false,
        ];
        $typed = array_map(static fn (int $at): array => $hour($at, 4.0), range(300, 780, 60));
        self::assertSame(
            'go',
            $this->send(
                'PUT', '/trips/{next}/forecast', ['source' => 'Typed from the radio', 'hours' => $typed], 200,
            )->json('go.verdict'),
        );
        $this->assertRefusedAt(
            ['/source', '/hours/0/wind', '/hours/0/gust'], 'PUT', '/trips/{next}/forecast', ['hours' => [$hour(300, 300.0)]],
        );
        self::assertSame(
            'unknown', $this->send('PUT', '/trips/{next}/forecast', ['source' => 'none', 'hours' => []], 200)->json('go.verdict'),
        );
    }

    public function test_limits_are_the_captain_s_own(): void
    {
        $this->send('POST', '/trips/{next}/forecast/fetched/onshore-breeze', expect: 200);
        $book = $this->send('PUT', '/boat/books/go', ['own' => ['wind' => 30, 'gust' => 35, 'wave' => null]], 200)->json('rules');
        $wind = array_column($book, null, 'key')['wind'];
        self::assertEquals([30, 20, 'mph', true], [$wind['value'], $wind['default'], $wind['unit'], $wind['own']]);
        self::assertSame('go', $this->prepared()['go']['verdict']);
        self::assertFalse(
            array_column(
                $this->send('PUT', '/boat/books/go', ['back' => ['wind']], 200)->json('rules'), null, 'key',
            )['wind']['own'],
        );
        self::assertNull(
            array_column($this->send('GET', '/boat/books/go', expect: 200)->json('rules'), null, 'key')['wave']['value'],
            'what is not named stays',
        );
        $this->assertRefusedAt(['/own/wind'], 'PUT', '/boat/books/go', ['own' => ['wind' => 300]]);
        $this->assertRefusedAt(['/own/close'], 'PUT', '/boat/books/go', ['own' => ['close' => null]]);
        $this->assertRefusedAt(['/own/luck'], 'PUT', '/boat/books/go', ['own' => ['luck' => 1]]);
        $this->send('GET', '/boat/books/luck', expect: 404);
    }

    public function test_limits_of_lines_and_catch_are_as_entered(): void
    {
        $trip = $this->trip(
            [
                'anglers' => 4,
                'crew' => 2,
                'crew_fish' => true,
                'lines_per_angler' => 2,
                'line_limit' => null,
                'catch_limits' => [['species' => 'king', 'bag' => 3, 'least_length' => 0.381]],
                'limit_source' => 'the booklet',
                'limits_looked_up' => '2031-05-30',
                'guests' => ['Ada', 'Bo'],
                'port' => 'Quillhaven',
            ],
        );
        self::assertSame([12, '2031-05-30', ['Ada', 'Bo']], [$trip['lines_allowed'], $trip['limits_looked_up'], $trip['guests']]);
        self::assertSame(8, $this->trip(['anglers' => 4, 'crew_fish' => false])['lines_allowed']);
        $breaches = $this->send('POST', '/spreads/{next}/preview', $this->demoSpread(), 200)->json('breaches');
        self::assertContains('line_count', array_column($breaches, 'kind'));
        $this->assertTripRefusedAt(['/latitude'], ['latitude' => 80, 'longitude' => 0]);
        $this->assertTripRefusedAt(['/longitude'], ['latitude' => 45, 'longitude' => null]);
        $this->assertTripRefusedAt(['/catch_limits/0/species'], ['catch_limits' => [['bag' => 2]]]);
        $this->assertTripRefusedAt(['/back_by'], ['back_by' => '06:00']);
        self::assertSame('01:30', $this->trip(['lines_in' => '20:00', 'back_by' => '01:30'])['back_by'], 'past midnight');
        $this->send('PUT', '/boat/clock', ['timezone' => 'Etc/GMT+3'], 200);
        $this->assertRefusedAt(['/timezone'], 'PUT', '/boat/clock', ['timezone' => 'Ship/Time']);
    }

    /**
     * @param  list<string>  $pointers
     * @param  array<string, mixed>  $change
     */
    private function assertTripRefusedAt(array $pointers, array $change): void
    {
        $this->assertRefusedAt($pointers, 'PUT', '/trips/{next}', $change + $this->entered());
    }
}
