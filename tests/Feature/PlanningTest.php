<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Spread\Check\SpreadLimits;
use App\Models\Boat;
use App\Models\Holder;
use App\Models\Trip;
use Symfony\Component\Yaml\Yaml;
use Tests\Feature\Support\FeatureTestCase;

/** What stands about the planning table, through HTTP against a real database. */
final class PlanningTest extends FeatureTestCase
{
    private const FOOT = 0.3048;

    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
    }

    public function test_a_stacked_release_rides_the_cable_it_names(): void
    {
        $spread = $this->demoSpread();
        $host = $spread['lines'][4];
        $spread['lines'][3] = [
            'presentation' => 'stacker',
            'rides_on' => $host['holder_id'],
            'above' => 6.0,
            'lead' => 5.0,
            'reel_id' => $host['reel_id'],
            'diver_id' => null,
            'dial' => null,
            'let_out' => null,
        ] + $spread['lines'][3];
        $lines = array_column($this->send('POST', '/spreads/2/preview', $spread, 200)->json('lines'), null, 'holder');

        self::assertEqualsWithDelta(6.0, $lines['P5']['depth'] - $lines['P4']['depth'], 1.2);
        self::assertSame([], $lines['P4']['path']);
        self::assertSame(['above', false], [$lines['P4']['control']['figure'], $lines['P4']['control']['deepens']]);
        $this->send('PUT', '/spreads/2', $spread, 200);
        self::assertSame($host['holder_id'], $this->demoSpread()['lines'][3]['rides_on']);
        $spread['lines'][3]['rides_on'] = $spread['lines'][0]['holder_id'];
        $this->assertRefusedAt(['/lines/3/rides_on'], 'POST', '/spreads/2/preview', $spread);
    }

    public function test_one_rod_s_figures_loads_and_other_opinions(): void
    {
        $spread = $this->demoSpread();
        $spread['lines'][2]['overrides'] = ['main.diameter' => 0.0003];
        $report = $this->send('POST', '/spreads/2/rod', ['holder_id' => 3] + $spread, 200)->json();
        $figures = array_column($report['figures'], null, 'key');

        self::assertSame([0.0003, true], [$figures['main.diameter']['value'], $figures['main.diameter']['own']]);
        self::assertEqualsWithDelta(0.00028, $figures['main.diameter']['default'], 1e-9);
        self::assertGreaterThan($report['depth'], $report['tip_down_depth']);
        self::assertSame(['lure', null, 'diver', null], array_column($report['loads'], 'name'));
        $core = $this->send('POST', '/spreads/2/rod', ['holder_id' => 2, 'what_if' => ['speed' => 0.8]] + $spread, 200)->json();
        self::assertContains('speed', array_column($core['differences'], 'cause'), 'slower than the rule is told for');
        self::assertNull($core['soundings']);
        $this->assertRefusedAt(['/holder_id'], 'POST', '/spreads/2/rod', ['holder_id' => 99] + $spread);
        $spread['lines'][2]['overrides'] = ['main.colour' => 3.0];
        $this->assertRefusedAt(['/lines/2/overrides/main/colour'], 'POST', '/spreads/2/rod', ['holder_id' => 3] + $spread);
        $spread['lines'][2]['overrides'] = ['main.diameter' => 'thin'];
        $this->assertRefusedAt(['/lines/2/overrides'], 'PUT', '/spreads/2', $spread);
    }

    public function test_soundings_are_kept_beside_what_the_model_said_and_become_an_opinion(): void
    {
        $spread = $this->demoSpread();
        $take = fn (float $depth): int => $this->send(
            'POST',
            '/spreads/2/soundings',
            ['holder_id' => 2, 'taken_at' => '2031-05-01T08:00:00Z', 'method' => 'logger', 'depth' => $depth] + $spread,
            201,
        )->json('id');
        $model = $this->send('POST', '/spreads/2/rod', ['holder_id' => 2] + $spread, 200)->json('depth');
        $ids = [$take($model * 1.1), $take($model * 1.2), $take($model * 1.3)];
        $told = $this->send('POST', '/spreads/2/rod', ['holder_id' => 2] + $spread, 200)->json('soundings');

        self::assertEqualsWithDelta($model * 1.2, $told['depth'], 1e-3);
        self::assertEqualsWithDelta($model * 0.1, $told['deviation'], 1e-3);
        self::assertSame([3, '3 soundings: go by them.'], [$told['count'], $told['advice']]);
        $this->send('DELETE', "/soundings/{$ids[0]}", expect: 204);
        $this->send('DELETE', "/soundings/{$ids[0]}", expect: 404);
        self::assertSame(2, $this->send('POST', '/spreads/2/rod', ['holder_id' => 2] + $spread, 200)->json('soundings.count'));
        $this->assertRefusedAt(
            ['/depth', '/method'],
            'POST',
            '/spreads/2/soundings',
            ['holder_id' => 2, 'taken_at' => '2031-05-01T08:00:00Z', 'method' => 'guess', 'depth' => 0] + $spread,
        );
    }

    public function test_rules_of_thumb_are_the_boat_s_own(): void
    {
        $own = fn (array $figures): mixed => $this->send('PUT', '/boat/books/thumb', ['own' => $figures], 200);
        $own(['per_colour' => 6.5]);
        self::assertEqualsWithDelta(
            6.5,
            array_column($this->send('GET', '/boat/books/thumb', expect: 200)->json('rules'), 'value', 'key')['per_colour'],
            1e-9,
        );
        self::assertEqualsWithDelta(
            3 * 6.5 * 0.3048,
            array_column(
                $this->send('POST', '/spreads/2/preview', $this->demoSpread(), 200)->json('lines'), null, 'holder',
            )['P2']['rule']['depth'],
            1e-3,
        );
        $this->assertRefusedAt(['/own/per_colour'], 'PUT', '/boat/books/thumb', ['own' => ['per_colour' => 90.0]]);
        $this->assertRefusedAt(['/own/per_color'], 'PUT', '/boat/books/thumb', ['own' => ['per_color' => 2.0]]);
        $this->assertRefusedAt(['/own/per_colour'], 'PUT', '/boat/books/thumb', ['own' => ['per_colour' => 'two']]);
    }

    public function test_what_is_worth_a_look_is_the_boat_s_own(): void
    {
        $kinds = fn (): array => array_count_values(
            array_column($this->send('POST', '/spreads/2/preview', $this->demoSpread(), 200)->json('breaches'), 'kind'),
        );
        self::assertArrayNotHasKey('tangle', $kinds());
        self::assertArrayHasKey('bare', $kinds());
        $this->send('PUT', '/boat/books/spread', ['own' => ['tangle' => 12, 'bare' => 60]], 200);

        self::assertArrayHasKey('tangle', $kinds(), 'lines that must keep twelve feet do not');
        self::assertArrayNotHasKey('bare', $kinds());
    }

    public function test_safe_limits_say_what_goes_wrong_beyond_them(): void
    {
        $limits = $this->send('POST', '/spreads/2/safe-limits', $this->demoSpread(), 200)->json();

        self::assertGreaterThan(10.0, $limits['port']['radius']);
        self::assertNotNull($limits['port']['first']);
        self::assertLessThan($this->demoSpread()['speed'], $limits['slowest']['speed']);
        self::assertSame('bottom', $limits['slowest']['first']['kind']);
        $tighter = [
            'what_if' => ['turn' => ['radius' => 0.97 * $limits['port']['radius'], 'side' => 'port']],
        ] + $this->demoSpread();
        $kinds = array_map(
            static fn (array $b): array => [$b['kind'], $b['holders']],
            $this->send('POST', '/spreads/2/preview', $tighter, 200)->json('breaches'),
        );
        self::assertContains([$limits['port']['first']['kind'], $limits['port']['first']['holders']], $kinds);
    }

    public function test_the_setting_order_is_kept_with_the_spread_and_its_crossings_told(): void
    {
        $spread = $this->demoSpread();
        $codes = Holder::query()->pluck('id', 'code');
        $plan = $this->send('POST', '/spreads/2/setting', $spread, 200)->json();
        self::assertSame(['P1', 'S1'], array_slice($plan['order'], 0, 2));
        self::assertSame([], $plan['crossings']);
        self::assertContains('P2', $plan['clearing']['P1']);

        $spread['setting_order'] = [$codes['P2'], $codes['P1']];
        $plan = $this->send('POST', '/spreads/2/setting', $spread, 200)->json();
        self::assertSame(['P2', 'P1'], array_values(array_intersect($plan['order'], ['P1', 'P2'])));
        self::assertSame([['P1', 'P2']], array_column(array_column($plan['crossings'], 'breach'), 'holders'));
        self::assertSame(['P1', 'P2'], array_values(array_intersect($plan['crossings'][0]['cure'], ['P1', 'P2'])));
        $cured = [
            'setting_order' => array_map(static fn (string $code): int => $codes[$code], $plan['crossings'][0]['cure']),
        ] + $spread;
        self::assertSame([], $this->send('POST', '/spreads/2/setting', $cured, 200)->json('crossings'));
        $this->send('PUT', '/spreads/2', ['school' => 'riggers_first'] + $spread, 200);
        self::assertSame(
            ['riggers_first', [$codes['P2'], $codes['P1']]],
            [$this->demoSpread()['school'], $this->demoSpread()['setting_order']],
        );
        self::assertSame('riggers_first', $this->send('GET', '/spreads/2/deck-card', expect: 200)->json('school'));
        $this->assertRefusedAt(['/setting_order/0'], 'PUT', '/spreads/2', ['setting_order' => [999]] + $this->demoSpread());
        $this->assertRefusedAt(['/school'], 'PUT', '/spreads/2', ['school' => 'whatever'] + $this->demoSpread());
    }

    public function test_the_card_reads_as_the_counter_does(): void
    {
        \App\Models\Reel::query()->where('name', 'Braid 30 lb, counter')->update(['counter_factor' => 1.1]);
        $rows = [];
        foreach ($this->send('GET', '/spreads/2/deck-card', expect: 200)->json('rows') as $row) {
            $rows[$row['running']['holder']] = $row;
        }

        self::assertEqualsWithDelta(150 * self::FOOT * 1.1, $rows['P3']['counter'][1], 1e-6);
        self::assertEqualsWithDelta(
            $rows['P5']['settings'][1], $rows['P5']['counter'][1], 1e-9, 'a rigger reads on its own counter',
        );
        self::assertNull($rows['C1']['counter'], 'colours are counted by their marks');
    }

    public function test_a_rod_is_run_at_a_depth_by_its_dial_or_its_weight(): void
    {
        $spread = $this->demoSpread();
        $reach = fn (array $spread, int $holder, float $depth): array => $this->send(
            'POST', '/spreads/2/reach', ['holder_ids' => [$holder], 'depth' => $depth, 'by' => 'other'] + $spread, 200,
        )->json('lines.0');
        self::assertSame(
            'dial',
            array_column($this->send('POST', '/spreads/2/preview', $spread, 200)->json('lines'), 'other_control', 'holder')['P3'],
        );
        $steeper = $reach($spread, 3, $this->depthOf($spread, 'P3') + 2.0);

        self::assertSame('dial', $steeper['control']);
        self::assertLessThan($spread['lines'][2]['dial'], $steeper['value'], 'dialled straighter it goes down');
        $spread['lines'][2] = $steeper['figures'] + $spread['lines'][2];
        self::assertEqualsWithDelta(
            $steeper['depth'], $this->depthOf($spread, 'P3'), 0.01, 'the depth told is that of the mark it can be set to',
        );

        $weighted = ['presentation' => 'clip', 'weight_mass' => 0.0567, 'lead' => 9.0] + $spread['lines'][
            array_search('flat', array_column($spread['lines'], 'presentation'), true)
        ];
        $spread['lines'] = [$weighted];
        $code = $this->send('POST', '/spreads/2/preview', $spread, 200)->json('lines.0.holder');
        $heavier = $reach($spread, $weighted['holder_id'], $this->depthOf($spread, $code) + 2.0);
        self::assertSame('weight', $heavier['control']);
        self::assertContains($heavier['value'], $this->send('GET', '/locker')->json('weights'), 'a weight that is in the box');
        self::assertGreaterThan(0.0567, $heavier['figures']['weight_mass']);
        $this->assertRefusedAt(
            ['/by'], 'POST', '/spreads/2/reach', ['by' => 'luck', 'holder_ids' => [3], 'depth' => 10.0] + $this->demoSpread(),
        );
        $this->assertRefusedAt(
            ['/by'], 'POST', '/spreads/2/reach', ['by' => 'other', 'holder_ids' => [5], 'depth' => 10.0] + $this->demoSpread(),
        );
    }

    public function test_wood_on_the_bottom_is_met_and_told_before_the_bottom_is(): void
    {
        $deepest = $this->depthOf($this->demoSpread(), 'P5');
        $this->send('PUT', '/trips/2/bottom', ['bottom' => $deepest + 6.0, 'clearance' => 1.0, 'structure' => 0.0], 200);
        self::assertSame([], $this->bottomsOfP5());
        self::assertEquals(
            7.0,
            $this->send(
                'PUT', '/trips/2/bottom', ['bottom' => $deepest + 6.0, 'clearance' => 1.0, 'structure' => 7.0], 200,
            )->json('structure'),
        );
        self::assertLessThanOrEqual(0.0, $this->bottomsOfP5()[0]['amount']);
        self::assertEquals(7.0, $this->bottomsOfP5()[0]['structure']);
        $this->assertRefusedAt(['/structure'], 'PUT', '/trips/2/bottom', ['bottom' => 40.0, 'structure' => 90.0]);
    }

    public function test_a_draft_covers_more_keeps_the_limit_and_changes_nothing(): void
    {
        $before = $this->demoSpread();
        $bands = [
            ['species' => 'king', 'top' => 14.0, 'bottom' => 22.5, 'weight' => 2.0],
            ['species' => 'lake_trout', 'top' => 28.0, 'bottom' => 34.0, 'weight' => 1.0],
        ];
        $draft = $this->send('POST', '/spreads/2/draft', ['bands' => $bands] + $before, 200)->json();

        self::assertGreaterThan($draft['covered_now'], $draft['covered']);
        self::assertSame($before, $this->demoSpread());
        $running = $this->send(
            'POST', '/spreads/2/preview', ['lines' => array_column($draft['lines'], 'line')] + $before, 200,
        )->json();
        foreach ($draft['lines'] as $line) {
            self::assertEqualsWithDelta(
                array_column($running['lines'], null, 'holder')[$line['holder']]['depth'], $line['depth'], 0.01,
            );
        }
        self::assertSame(
            [],
            array_intersect(
                ['tangle', 'bottom', 'holder_order', 'neighbours', 'board_under', 'surfaced'],
                array_column($running['breaches'], 'kind'),
            ),
        );
        Trip::query()->update(['line_limit' => 4]);
        self::assertCount(4, $this->send('POST', '/spreads/2/draft', ['bands' => $bands] + $before, 200)->json('lines'));
        $bands[0]['bottom'] = 3.0;
        $this->assertRefusedAt(['/bands/0/bottom'], 'POST', '/spreads/2/draft', ['bands' => $bands] + $before);
        $this->assertRefusedAt(['/bands'], 'POST', '/spreads/2/draft', ['bands' => []] + $before);
    }

    public function test_bands_and_bottom_are_kept_with_the_trip_whole_or_not_at_all(): void
    {
        $bands = [['species' => 'walleye', 'top' => 6.0, 'bottom' => 12.0, 'weight' => 1.0]];
        self::assertEquals($bands, $this->send('PUT', '/trips/2/bands', ['bands' => $bands], 200)->json('bands'));
        $this->assertRefusedAt(
            ['/bands/1/bottom'],
            'PUT',
            '/trips/2/bands',
            ['bands' => [...$bands, ['species' => 'king', 'top' => 6.0, 'bottom' => 2.0, 'weight' => 1.0]]],
        );
        self::assertEquals($bands, $this->send('GET', '/trips/2')->json('bands'));

        $trip = $this->send(
            'PUT',
            '/trips/2/bottom',
            [
                'bottom' => 40.0,
                'clearance' => 2.0,
                'profile' => "distance m;depth m\n0;40\n250;28,5\n500;40\n",
                'profile_name' => 'ledge.csv',
            ],
            200,
        )->json();
        self::assertEquals(
            [['along' => 0, 'depth' => 40], ['along' => 250, 'depth' => 28.5], ['along' => 500, 'depth' => 40]], $trip['profile'],
        );
        $bottom = array_values(
            array_filter(
                $this->send('POST', '/spreads/2/preview', $this->demoSpread(), 200)->json('breaches'),
                static fn (array $b): bool => $b['kind'] === 'bottom',
            ),
        )[0];
        self::assertGreaterThan(250.0, $bottom['ahead'], 'gear comes over it a little after the boat');
        $past = $this->send(
            'POST', '/spreads/2/preview', ['what_if' => ['gone' => 400.0]] + $this->demoSpread(), 200,
        )->json('breaches');
        self::assertNotContains('bottom', array_column($past, 'kind'));
        foreach (["0,40\n0,30\n", "0,40\nx,30\n", "0\n", '0,9999', "\n"] as $broken) {
            $refused = $this->send(
                'PUT', '/trips/2/bottom', ['bottom' => 40.0, 'profile' => $broken], trim($broken) === '' ? 200 : 422,
            );
            self::assertMatchesRegularExpression(
                trim($broken) === '' ? '#^$#' : '#^/profile#', (string) $refused->json('errors.0.pointer'),
            );
        }
        self::assertNull($this->send('GET', '/trips/2')->json('profile'), 'an empty one drops it');
    }

    public function test_a_kept_spread_finds_its_place_on_a_boat_whose_holders_have_changed(): void
    {
        $spread = $this->demoSpread();
        $made = $this->send(
            'POST', '/templates', ['name' => 'Summer', 'species' => 'king', 'season' => 'summer'] + $spread, 201,
        )->json();
        self::assertSame([12, 'summer'], [$made['line_count'], $made['season']]);
        $this->assertRefusedAt(['/name'], 'POST', '/templates', ['name' => 'Summer'] + $spread);
        $same = $this->send('POST', "/templates/{$made['id']}/fit", expect: 200)->json();
        self::assertEquals(
            $this->send('POST', '/spreads/2/preview', $spread, 200)->json('lines'),
            $this->send('POST', '/spreads/2/preview', ['lines' => $same['lines']] + $spread, 200)->json('lines'),
        );

        Holder::query()->where('code', 'P3')->update(['code' => 'PX']);
        Holder::query()->where('code', 'S1')->update(['side' => 'centre']);
        $moved = $this->send('POST', "/templates/{$made['id']}/fit", expect: 200)->json();
        self::assertSame([], $moved['left_out']);
        self::assertContains(Holder::query()->where('code', 'PX')->value('id'), array_column($moved['lines'], 'holder_id'));
        self::assertCount(1, $this->send('GET', '/templates', expect: 200)->json());
        $this->send('DELETE', "/templates/{$made['id']}", expect: 204);
        $this->send('POST', "/templates/{$made['id']}/fit", expect: 404);
    }

    public function test_a_spread_file_goes_out_and_comes_in_on_another_boat(): void
    {
        $file = $this->send('GET', '/spreads/2/file', expect: 200)->json();
        self::assertSame(['admek-spread', 1, 'Second Lamp'], [$file['format'], $file['version'], $file['boat']]);
        $depths = array_column(
            $this->send('POST', '/spreads/2/preview', $this->demoSpread(), 200)->json('lines'), 'depth', 'holder',
        );

        Boat::query()->first()?->lures()->where('name', 'Moss Beetle')->delete();
        $file['lines'][0]['lure']['name'] = 'A Borrowed Minnow';
        $read = $this->send('POST', '/spreads/1/file', $file, 200)->json();
        self::assertSame([['A Borrowed Minnow'], []], [$read['added'], $read['left_out']]);
        $again = array_column(
            $this->send('POST', '/spreads/1/preview', $read + $this->send('GET', '/spreads/1')->json(), 200)->json('lines'),
            'depth',
            'holder',
        );
        self::assertEqualsWithDelta($depths, $again, 1e-3);

        $lures = count($this->send('GET', '/locker')->json('lures'));
        $this->assertRefusedAt(['/version'], 'POST', '/spreads/1/file', ['version' => 2] + $file);
        $this->assertRefusedAt(['/format'], 'POST', '/spreads/1/file', ['format' => 'other'] + $file);
        $file['lines'][1]['lure']['name'] = 'Half Kept';
        $file['lines'][3]['dial'] = 9;
        $this->assertRefusedAt(['/lines/3/dial'], 'POST', '/spreads/1/file', $file);
        $file['lines'][3]['dial'] = 2;
        $file['lines'][3]['colour'] = 'red';
        $this->send('POST', '/spreads/1/file', $file, 422);
        self::assertCount($lures, $this->send('GET', '/locker')->json('lures'), 'nothing of a refused file is stowed');
    }

    public function test_the_table_goes_by_the_captain_s_own_rules_and_one_number_bounds_a_spread_everywhere(): void
    {
        $cell = function (): float {
            $rows = array_map(
                static fn (string $row): array => str_getcsv($row, escape: ''),
                array_filter(explode("\r\n", (string) $this->send('GET', '/spreads/2/table', expect: 200)->getContent())),
            );

            return (float) array_column($rows, (int) array_search('rule of thumb, ft', $rows[0], true), 0)['C1'];
        };
        $before = $cell();
        $this->send('PUT', '/boat/books/thumb', ['own' => ['per_colour' => 7.5]], 200);
        self::assertEqualsWithDelta(1.5 * $before, $cell(), 0.2);

        $contract = Yaml::parseFile(base_path('docs/openapi.yaml'))['components']['schemas'];
        $schema = json_decode((string) file_get_contents(base_path('docs/spread.schema.json')), true);
        self::assertSame(array_fill(0, 4, SpreadLimits::MOST_HOLDERS), [
            $contract['SpreadPreview']['properties']['lines']['maxItems'],
            $contract['SpreadSave']['properties']['lines']['maxItems'],
            $contract['NewBoat']['properties']['holders']['maxItems'], $schema['properties']['lines']['maxItems'],
        ]);
    }

    public function test_the_table_of_depths_is_csv_in_the_boat_s_units(): void
    {
        $csv = (string) $this->send('GET', '/spreads/2/table', expect: 200)->getContent();
        $rows = array_map(static fn (string $row): array => str_getcsv($row, escape: ''), array_filter(explode("\r\n", $csv)));

        self::assertSame('depth, ft', $rows[0][5]);
        self::assertSame(['P3', 'diver', 'Slate Lantern', '150.0', 'ft'], array_slice(array_column($rows, null, 0)['P3'], 0, 5));
        self::assertCount(13, $rows);
    }

    public function test_a_spread_file_is_solved_on_the_command_line(): void
    {
        $path = tempnam(sys_get_temp_dir(), 'admek-');
        file_put_contents($path, $this->send('GET', '/spreads/2/file')->getContent());
        $depths = array_column($this->send('POST', '/spreads/2/preview', $this->demoSpread())->json('lines'), 'depth', 'holder');
        try {
            self::assertSame(0, $this->command('admek:solve', ['file' => $path, '--json' => true]));
            $lines = json_decode((string) $this->printed(), true)['lines'];
            self::assertEqualsWithDelta($depths, array_column($lines, 'depth', 'holder'), 1e-3);
            self::assertSame(0, $this->command('admek:solve', ['file' => $path]));
            self::assertStringContainsString('Slate Lantern', $this->printed());
            file_put_contents($path, '{"format":"admek-spread","version":7}');
            self::assertSame(2, $this->command('admek:solve', ['file' => $path]));
        } finally {
            unlink($path);
        }
        self::assertSame(2, $this->command('admek:solve', ['file' => $path]));
    }

    /** @param  array<string, mixed>  $spread */
    private function depthOf(array $spread, string $holder): float
    {
        return array_column($this->send('POST', '/spreads/2/preview', $spread, 200)->json('lines'), 'depth', 'holder')[$holder];
    }

    /**
     * @return list<array<string, mixed>> what P5 would touch
     *
     * @phpstan-impure
     */
    private function bottomsOfP5(): array
    {
        return array_values(
            array_filter(
                $this->send('POST', '/spreads/2/preview', $this->demoSpread(), 200)->json('breaches'),
                static fn (array $b): bool => $b['kind'] === 'bottom' && $b['holders'] === ['P5'],
            ),
        );
    }
}
