<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Gear\Lure;
use App\Models\Gear\Reel;
use Tests\Feature\Support\FeatureTestCase;

/** Gear typed into the locker, and put right there, through HTTP against a real database. */
final class GearTest extends FeatureTestCase
{
    private const FOOT = 0.3048;

    /** What each list asks for; names stand in no demo locker. */
    private const TYPED = [
        'reels' => [
            'name' => 'Borrowed core',
            'material' => 'leadcore',
            'test' => 18,
            'colours' => 5.0,
            'backing_material' => 'braid',
            'backing_test' => 30,
            'counter_factor' => 1.02,
        ],
        'lures' => ['name' => 'Borrowed spoon', 'kind' => 'medium_spoon', 'finish' => 'copper'],
        'balls' => ['name' => 'Borrowed 15 lb', 'mass' => 6.804],
        'divers' => ['name' => 'Borrowed small', 'size' => 'small', 'ringed' => true],
        'boards' => ['name' => 'Borrowed board', 'size' => 'small'],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
    }

    public function test_each_list_takes_a_new_piece_and_puts_one_right(): void
    {
        foreach (self::TYPED as $list => $gear) {
            $id = $this->send('POST', "/locker/{$list}", $gear, 201)->json('id');
            self::assertEquals($gear, array_intersect_key($this->stowed($list, $id), $gear));
            $right = ['name' => "Renamed {$list}"] + $gear;
            self::assertSame($id, $this->send('PUT', "/locker/{$list}/{$id}", $right, 200)->json('id'));
            self::assertSame("Renamed {$list}", $this->stowed($list, $id)['name']);
            $this->send('PUT', "/locker/{$list}/99999", ['name' => 'Nobody’s'] + $gear, 404);
            $this->assertRefusedAt(['/name'], 'POST', "/locker/{$list}", $right);
        }
    }

    public function test_a_reel_let_out_beyond_its_line_is_told_and_cured(): void
    {
        $spread = $this->demoSpread();
        $line = ['let_out' => 130 * self::FOOT]
            + $spread['lines'][array_search('diver', array_column($spread['lines'], 'presentation'), true)];
        $asked = ['lines' => [$line]] + $spread;
        $told = fn (string $route, string $key): array => array_column(
            $this->send('POST', "/spreads/{next}/{$route}", $asked, 200)->json($key), null, 'kind',
        );
        self::assertArrayNotHasKey('spooled', $told('preview', 'breaches'), 'nobody said what is on it');

        Reel::query()->whereKey($line['reel_id'])->update(['line_length' => 100 * self::FOOT]);
        self::assertStringContainsString(
            'is to have 130 ft of line out; its reel holds 100 ft.', $told('preview', 'breaches')['spooled']['reason'],
        );
        $cured = $this->send('POST', '/spreads/{next}/cures', $asked, 200)->json('cures');
        $cure = array_values(array_filter($cured, static fn (array $cure): bool => $cure['breach']['kind'] === 'spooled'))[0];
        self::assertEqualsWithDelta(100 * self::FOOT, $cure['lines'][0]['let_out'], 1e-6);
    }

    public function test_a_lure_typed_with_its_rated_point_dives_to_it(): void
    {
        $rated = [
            'rated_depth' => 12 * self::FOOT,
            'rated_lead' => 110 * self::FOOT,
            'rated_line_diameter' => 0.00035,
            'rated_speed' => 0.89408,
        ];
        $id = $this->send(
            'POST', '/locker/lures', ['name' => 'Borrowed plug', 'kind' => 'deep_plug', 'finish' => 'perch'] + $rated, 201,
        )->json('id');
        $lip = (float) Lure::query()->whereKey($id)->sole()->down_area;
        self::assertGreaterThan(0.0, $lip);

        $spread = $this->demoSpread();
        $flat = $spread['lines'][array_search('flat', array_column($spread['lines'], 'presentation'), true)];
        $flat = [
            'lure_id' => $id,
            'let_out' => 110 * self::FOOT,
            'board_id' => null,
            'board_out' => null,
            'attractor' => null,
            'tip_height' => 1.0,
            'overrides' => ['main.diameter' => 0.00035, 'leader.diameter' => 0.00035],
        ] + $flat;
        $depth = $this->send(
            'POST', '/spreads/{next}/preview', ['speed' => 0.89408, 'lines' => [$flat]] + $spread, 200,
        )->json('lines.0.depth');
        self::assertEqualsWithDelta(12 * self::FOOT, $depth, 0.1, 'run as it was rated');

        $this->send(
            'PUT',
            "/locker/lures/{$id}",
            ['name' => 'Borrowed plug', 'kind' => 'deep_plug', 'finish' => 'perch', 'rated_depth' => 18 * self::FOOT] + $rated,
            200,
        );
        self::assertGreaterThan(1.2 * $lip, (float) Lure::query()->whereKey($id)->sole()->down_area);
        $this->send('PUT', "/locker/lures/{$id}", ['name' => 'Borrowed plug', 'kind' => 'deep_plug', 'finish' => 'perch'], 200);
        self::assertNull(Lure::query()->whereKey($id)->sole()->rated_depth, 'a rated point taken away is gone');
    }

    public function test_what_cannot_be_is_refused_at_its_field_and_nothing_is_stowed(): void
    {
        $before = $this->send('GET', '/locker', expect: 200)->json();
        $this->assertRefusedAt(['/mass'], 'POST', '/locker/balls', ['name' => 'Feather', 'mass' => 0.01]);
        $this->assertRefusedAt(
            ['/material', '/name'], 'POST', '/locker/reels', ['name' => '', 'material' => 'rigger_cable', 'test' => 30],
        );
        $this->assertRefusedAt(
            ['/backing_test'],
            'POST',
            '/locker/reels',
            ['name' => 'No test', 'material' => 'leadcore', 'test' => 27, 'backing_material' => 'braid'],
        );
        $this->assertRefusedAt(
            ['/test'], 'POST', '/locker/reels', ['name' => 'No such core', 'material' => 'leadcore', 'test' => 29],
        );
        $this->assertRefusedAt(['/finish', '/kind'], 'POST', '/locker/lures', ['name' => 'Thing', 'kind' => 'sandwich']);
        $this->assertRefusedAt(
            ['/rated_lead', '/rated_line_diameter', '/rated_speed'],
            'POST',
            '/locker/lures',
            ['name' => 'Half told', 'kind' => 'deep_plug', 'finish' => 'perch', 'rated_depth' => 4.0],
        );
        $this->assertRefusedAt(['/size', '/ringed'], 'POST', '/locker/divers', ['name' => 'Vast', 'size' => 'vast']);
        $this->send('POST', '/locker/anchors', ['name' => 'Anchor'], 404);
        self::assertSame($before, $this->send('GET', '/locker', expect: 200)->json());
    }

    public function test_gear_put_right_is_what_the_lines_run_with_from_then_on(): void
    {
        $spread = $this->demoSpread();
        $depth = fn (): float => array_column(
            $this->send('POST', '/spreads/{next}/preview', $spread, 200)->json('lines'), 'depth', 'holder',
        )['P3'];
        $before = $depth();
        $reel = Reel::query()->whereKey($spread['lines'][2]['reel_id'])->sole();
        $this->send('PUT', "/locker/reels/{$reel->id}", ['name' => $reel->name, 'material' => 'nylon', 'test' => 25], 200);

        self::assertLessThan($before - 1.0, $depth(), 'twice as thick a line drags the diver up');
    }

    /** @return array<string, mixed> */
    private function stowed(string $list, int $id): array
    {
        return array_column($this->send('GET', '/locker', expect: 200)->json($list), null, 'id')[$id];
    }
}
