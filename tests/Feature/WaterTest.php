<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Trip;
use Tests\Feature\Support\AtTheWater;
use Tests\Feature\Support\FeatureTestCase;

/** The water read, through HTTP against a real database. */
final class WaterTest extends FeatureTestCase
{
    use AtTheWater;

    public function test_it_says_where_when_and_why(): void
    {
        $water = $this->water();

        self::assertSame(['king', 'lake_trout'], array_column($water['bands'], 'species'));
        self::assertSame('Water king like, 48 to 54 °F, lies from 50 to 74 ft.', $water['bands'][0]['why']);
        self::assertSame('summer', $water['season']);
        self::assertSame(
            ['05:15', '06:15', '07:15', '08:15', '09:15', '10:15', '11:15'], array_column($water['schedule'], 'clock'),
        );
        $tops = array_map(static fn (array $row): float => $row['bands'][0]['top'], $water['schedule']);
        self::assertGreaterThan(1.5, $tops[3] - $tops[0], 'they sink with the light');
        self::assertSame('03:54', $water['sun']['sunrise']);
        self::assertSame(
            ['E', 'E', 'SE'],
            [$water['schedule'][0]['sun_from'], $water['schedule'][2]['sun_from'], $water['schedule'][4]['sun_from']],
        );
        self::assertSame('2 to 2.8 mph, start at 2.4', $this->said($water)['speed']);
        self::assertSame('The western side of Dunmarl Bank first', $this->said($water)['sides']);
        self::assertArrayNotHasKey('leader', $this->said($water), 'clarity is not known');
    }

    public function test_signs_change_what_it_says_and_what_is_not_named_stays(): void
    {
        $this->send('PUT', '/trips/{next}/water/signs', ['clarity' => 'clear', 'sky' => 'clear', 'surface' => 'calm'], 200);
        $said = $this->said($this->send('PUT', '/trips/{next}/water/signs', ['sky' => 'overcast'], 200)->json());
        self::assertSame(
            ['6.5 ft of fluorocarbon', 'Loud to middling: copper, glow, green', 'Far from the boat, on boards'],
            [$said['leader'], $said['finish'], $said['distance']],
        );
        $stained = $this->said(
            $this->send(
                'PUT', '/trips/{next}/water/signs', ['clarity' => 'stained', 'current_surface' => 0.4, 'current_deep' => 0.0],
                200,
            )->json(),
        );
        self::assertSame(
            ['2.5 ft of fluorocarbon', 'Gear feels up to 0.9 mph otherwise'], [$stained['leader'], $stained['current']],
        );
        $unknown = $this->send('PUT', '/trips/{next}/water/signs', ['clarity' => null], 200)->json();
        self::assertArrayNotHasKey('leader', $this->said($unknown));
        self::assertEqualsCanonicalizing(['sky', 'surface', 'current_surface', 'current_deep'], array_keys($unknown['signs']));
        $this->assertRefusedAt(
            ['/clarity', '/current_deep'], 'PUT', '/trips/{next}/water/signs', ['clarity' => 'murky', 'current_deep' => 9],
        );
    }

    public function test_temperatures_are_looked_at_before_they_are_kept(): void
    {
        $before = $this->water()['temperatures'];
        $preview = $this->send(
            'POST',
            '/trips/{next}/water/temperatures',
            ['text' => "Time,Depth,Temp F\n06:00,0,64\n06:01,20,\n06:02,40,60\n06:03,60,47\n"],
            200,
        )->json();
        self::assertSame(
            [
                ['column' => 'Depth', 'unit' => 'ft', 'guessed' => true],
                ['column' => 'Temp F', 'unit' => '°F', 'guessed' => false],
            ],
            [$preview['columns']['depth'], $preview['columns']['temperature']],
        );
        self::assertSame([['line' => 3, 'text' => '06:01, 20, ', 'reason' => 'no temperature']], $preview['bad']);
        self::assertSame($before, $this->water()['temperatures'], 'a preview keeps nothing');

        $kept = $this->send(
            'PUT', '/trips/{next}/water/temperatures', ['source' => 'probe, 06:00', 'readings' => $preview['readings']], 200,
        )->json();
        self::assertCount(3, $kept['temperatures']);
        self::assertSame('probe, 06:00', $kept['source']);
        self::assertEqualsWithDelta(40 * self::FOOT, $kept['thermocline']['top'], 0.4);
        self::assertCount(3, $this->send('GET', '/trips/{next}')->json('temperatures'));
        self::assertEqualsWithDelta(
            20 * self::FOOT,
            $this->send(
                'POST', '/trips/{next}/water/temperatures', ['text' => "0 64\n20 60", 'depth_unit' => 'ft'], 200,
            )->json('readings.1.depth'),
            1e-3,
        );
        $this->assertRefusedAt(['/text'], 'POST', '/trips/{next}/water/temperatures', ['text' => "time,temp\n06:00,65\n"]);
        $this->assertRefusedAt(
            ['/readings/0/celsius'], 'PUT', '/trips/{next}/water/temperatures',
            ['readings' => [['depth' => 1.0, 'celsius' => 80.0]]],
        );
        $this->assertRefusedAt(
            ['/temperatures/1/depth'],
            'PUT',
            '/trips/{next}/water/temperatures',
            ['readings' => [['depth' => 1.0, 'celsius' => 8.0], ['depth' => 1.0, 'celsius' => 9.0]]],
        );
        self::assertCount(3, $this->water()['temperatures'], 'what was refused took nothing with it');
    }

    public function test_it_is_compared_with_an_earlier_day(): void
    {
        $water = $this->water();
        self::assertSame([1, '2031-07-07'], [$water['against']['trip'], $water['against']['date']]);
        self::assertSame([1], array_column($water['earlier'], 'trip'));
        $this->send(
            'PUT',
            '/trips/{past}/water/temperatures',
            ['readings' => [['depth' => 0.0, 'celsius' => 27.0], ['depth' => 30.0, 'celsius' => 20.0]]],
            200,
        );
        self::assertSame('Cold water has come up', $this->said($this->water())['change']);
        $this->send('PUT', '/trips/{past}/water/temperatures', ['readings' => []], 200);
        self::assertNull($this->water()['against']);
    }

    public function test_advice_is_pinned_changed_refused_and_set_free(): void
    {
        $this->send('PUT', '/trips/{next}/water/signs', ['clarity' => 'clear'], 200);
        $choose = fn (array $choice): array => array_column(
            $this->send('PUT', '/trips/{next}/water/choices', $choice, 200)->json('advice'), null, 'key',
        );
        self::assertSame('pinned', $choose(['advice' => 'leader', 'state' => 'pinned'])['leader']['state']);
        $this->send('PUT', '/trips/{next}/water/signs', ['clarity' => 'stained'], 200);
        $leader = array_column($this->water()['advice'], null, 'key')['leader'];
        self::assertSame(
            ['6.5 ft of fluorocarbon', '2.5 ft of fluorocarbon'],
            [$leader['answer'], $leader['now']],
            'what is pinned stays; what it would be now stands beside it',
        );
        self::assertSame('2.5 ft of fluorocarbon', $choose(['advice' => 'leader', 'state' => 'free'])['leader']['answer']);
        $changed = $choose(['advice' => 'leader', 'state' => 'changed', 'answer' => '4 ft, my way'])['leader'];
        self::assertSame(
            ['4 ft, my way', 'changed', '2.5 ft of fluorocarbon'], [$changed['answer'], $changed['state'], $changed['now']],
        );
        self::assertSame('refused', $choose(['advice' => 'speed', 'state' => 'refused'])['speed']['state']);
        self::assertSame(
            '2.5 ft of nylon', $choose(['advice' => 'leader', 'state' => 'free', 'school' => 'nylon'])['leader']['answer'],
        );
        $this->assertRefusedAt(['/school'], 'PUT', '/trips/{next}/water/choices', ['advice' => 'leader', 'school' => 'wire']);
        $this->assertRefusedAt(['/advice'], 'PUT', '/trips/{next}/water/choices', ['advice' => 'moon', 'state' => 'pinned']);
        $this->assertRefusedAt(['/answer'], 'PUT', '/trips/{next}/water/choices', ['advice' => 'leader', 'state' => 'changed']);
    }

    public function test_habits_are_the_boat_s_own(): void
    {
        $this->send('PUT', '/boat/books/habits', ['own' => ['king_likes_from' => 44, 'king_likes_to' => 48]], 200);
        self::assertStringContainsString('Water king like, 44 to 48 °F', $this->water()['bands'][0]['why']);
    }

    /**
     * @param  array<string, mixed>  $water
     * @return array<string, string> answers by key
     */
    private function said(array $water): array
    {
        return array_column($water['advice'], 'answer', 'key');
    }

    public function test_a_draft_follows_what_the_water_says(): void
    {
        $spread = ['lines' => [], 'speed' => 1.7] + $this->send('GET', '/spreads/{next}', expect: 200)->json();
        Trip::query()->whereKey($spread['trip_id'])->update([
            'bottom' => 27 * self::FOOT, 'species' => '["muskie"]', 'choices' => null,
        ]);
        $this->send('PUT', '/trips/{next}/water/signs', ['clarity' => 'stained', 'surface' => 'ripple'], 200);
        $bands = [['species' => 'muskie', 'top' => 0.0, 'bottom' => 18 * self::FOOT, 'weight' => 1.0]];
        $run = function () use ($bands, $spread): array {
            $draft = $this->send('POST', '/spreads/{next}/draft', ['bands' => $bands] + $spread, 200)->json('lines');

            return array_count_values(array_column(array_column($draft, 'line'), 'presentation')) + ['wash' => 0, 'flat' => 0];
        };
        $stained = $run();
        self::assertGreaterThan(0, $stained['wash']);
        self::assertSame(0, $stained['flat'], 'stained water: short in the wash');
        $this->send('PUT', '/trips/{next}/water/choices', ['advice' => 'muskie_leads', 'school' => 'long'], 200);
        $long = $run();
        self::assertSame(0, $long['wash']);
        self::assertGreaterThan(0, $long['flat']);

        $draft = $this->send('POST', '/spreads/{next}/draft', ['bands' => $bands] + $spread, 200)->json('lines');
        self::assertEqualsWithDelta(2.5 * self::FOOT, $draft[0]['line']['leader_length'], 1e-6, 'as stained water asks');
    }
}
