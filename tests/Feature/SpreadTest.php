<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Feature\Support\DemoSpread;
use Tests\Feature\Support\FeatureTestCase;

final class SpreadTest extends FeatureTestCase
{
    use DemoSpread;

    private const FOOT = 0.3048;

    public function test_the_demo_spread_runs_where_a_practitioner_would_look_for_it(): void
    {
        $preview = $this->preview();
        $feet = array_map(
            static fn (float $metres): float => $metres / self::FOOT, array_column($preview['lines'], 'depth', 'holder'),
        );

        self::assertSame(['P1', 'P2', 'P3', 'P4', 'P5', 'C1', 'C2', 'S5', 'S4', 'S3', 'S2', 'S1'], array_keys($feet));
        self::assertEqualsWithDelta(
            [
                'P1' => 10,
                'P2' => 15,
                'P3' => 65,
                'P4' => 90,
                'P5' => 95,
                'C1' => 41,
                'C2' => 10,
                'S5' => 52,
                'S4' => 95,
                'S3' => 70,
                'S2' => 20,
                'S1' => 12,
            ],
            $feet,
            1.0,
        );
        foreach ($preview['lines'] as $line) {
            self::assertGreaterThan(0.0, $line['doubt']['deeper'], $line['holder']);
            self::assertLessThanOrEqual(41, count($line['path']));
            self::assertSame([], $line['surfaced']);
        }
    }

    public function test_what_ifs_change_the_answer_and_not_the_plan(): void
    {
        $straight = array_column($this->preview()['lines'], 'depth', 'holder');
        $faster = array_column($this->preview(['what_if' => ['speed' => 1.3]])['lines'], 'depth', 'holder');
        $turning = array_column(
            $this->preview(['what_if' => ['turn' => ['radius' => 150, 'side' => 'port']]])['lines'], null, 'holder',
        );

        self::assertLessThan($straight['C1'] - 1.0, $faster['C1']);
        self::assertGreaterThan($straight['P2'] + 0.5, $turning['P2']['depth']);
        self::assertLessThan(1.0, $turning['P2']['speed_factor']);
        $turn = ['radius' => 150, 'side' => 'port'];
        $current = [
            'heading' => 0.0,
            'surface' => ['set' => 0.0, 'drift' => 0.0],
            'deep' => ['depth' => 24.0, 'set' => 90.0, 'drift' => 0.2],
        ];
        self::assertNull($this->preview(['what_if' => ['turn' => $turn]])['caveat']);
        self::assertStringStartsWith(
            'On this heading only', $this->preview(['what_if' => ['turn' => $turn, 'current' => $current]])['caveat'],
        );
        self::assertGreaterThan(1.0, $turning['S1']['speed_factor']);
        self::assertSame(1, $this->demoSpread()['version']);
    }

    public function test_a_current_at_depth_is_felt_by_the_gear_and_not_by_the_surface(): void
    {
        $still = array_column($this->preview()['lines'], null, 'holder');
        $current = [
            'heading' => 90, 'surface' => ['set' => 90, 'drift' => 0.1], 'deep' => ['depth' => 24, 'set' => 90, 'drift' => 0.35],
        ];
        $answer = $this->preview(['what_if' => ['current' => $current]]);
        $following = array_column($answer['lines'], null, 'holder');

        self::assertEqualsWithDelta([1.0282, 0.7782], array_column($answer['flow'], 'aft'), 1e-3);
        self::assertGreaterThan(
            $still['P5']['ball']['place'][2] + 0.3,
            $following['P5']['ball']['place'][2],
            'a following current at depth takes blow-back away',
        );
        self::assertEqualsWithDelta($still['P1']['depth'], $following['P1']['depth'], 0.1, 'shallow lines hardly feel it');
        $across = array_column(
            $this->preview(['what_if' => ['current' => ['heading' => 0] + $current]])['lines'], null, 'holder',
        );
        self::assertGreaterThan(
            $still['P5']['starboard'] + 0.5, $across['P5']['starboard'], 'setting to starboard carries the deep gear there',
        );
        $this->assertRefusedAt(
            ['/what_if/current/heading', '/what_if/current/deep/drift', '/what_if/current/surface/set'],
            'POST',
            '/spreads/{next}/preview',
            [
                'what_if' => [
                    'current' => [
                        'heading' => 400, 'surface' => ['drift' => 0], 'deep' => ['depth' => 20, 'set' => 0, 'drift' => 9],
                    ],
                ],
            ] + $this->demoSpread(),
        );
    }

    public function test_coverage_follows_the_lines(): void
    {
        $all = $this->preview()['coverage'];
        self::assertSame(['king', 'lake_trout'], array_column($all, 'species'));
        $none = $this->preview(['lines' => []])['coverage'];

        self::assertGreaterThan(0.3, $all[0]['share']);
        self::assertEquals([0, 0], array_column($none, 'share'));
    }

    public function test_run_it_at_finds_the_let_out_that_then_runs_there(): void
    {
        $spread = $this->demoSpread();
        foreach ([2 => 62, 4 => 80, 7 => 60] as $i => $feet) {
            $line = $spread['lines'][$i];
            $reach = $this->reach($feet * self::FOOT, [$line['holder_id']])[0];
            self::assertTrue($reach['reached']);
            self::assertSame(['let_out' => $reach['value']], $reach['figures']);
            $line['let_out'] = $reach['value'];
            $depth = $this->preview(['lines' => [$line]])['lines'][0]['depth'];
            self::assertEqualsWithDelta($feet, $depth / self::FOOT, 0.6, 'within the whole foot a mate can set');
            self::assertEqualsWithDelta(round($reach['value'] / self::FOOT), $reach['value'] / self::FOOT, 1e-6);
        }
        $core = $this->reach(30.0, [$spread['lines'][5]['holder_id']])[0];
        self::assertFalse($core['reached']);
        self::assertSame('colours', $core['control']);
        self::assertMatchesRegularExpression(
            '/^C1: no number of colours gets there: \d+ ft is as near as it comes\. What would: more colours, /', $core['short'],
        );
    }

    public function test_several_rods_are_run_at_a_depth_at_once(): void
    {
        $spread = $this->demoSpread();
        $ids = array_column(array_intersect_key($spread['lines'], [2 => 0, 4 => 0, 6 => 0]), 'holder_id');
        $reached = $this->reach(18.0, $ids);

        self::assertSame(['P3', 'P5', 'C2'], array_column($reached, 'holder'));
        self::assertSame([true, true, false], array_column($reached, 'reached'));
        self::assertNull($reached[0]['short']);
        self::assertMatchesRegularExpression('/^C2: no let-out gets there: .*a weight ahead of it/', $reached[2]['short']);
        $this->assertRefusedAt(
            ['/holder_ids/0'], 'POST', '/spreads/{next}/reach', ['depth' => 10.0, 'holder_ids' => [99]] + $spread,
        );
    }

    public function test_a_metric_boat_is_given_quarter_metres_to_set(): void
    {
        \App\Models\Boat::query()->update(['units' => 'metric']);
        $spread = $this->demoSpread();
        $value = $this->reach(19.3, [$spread['lines'][2]['holder_id']])[0]['value'];

        self::assertEqualsWithDelta(round($value * 4), $value * 4, 1e-9);
    }

    public function test_a_board_pulled_under_and_a_lure_on_the_surface_are_said(): void
    {
        $spread = $this->demoSpread();
        $spread['lines'][0] = ['presentation' => 'clip', 'weight_mass' => 3.0, 'lead' => 9.0] + $spread['lines'][0];
        $spread['lines'][6]['lure_id'] = array_column($this->send('GET', '/locker')->json('lures'), 'id', 'name')['Silver Tern'];
        $lines = array_column($this->preview(['speed' => 4.4] + $spread)['lines'], null, 'holder');

        self::assertTrue($lines['P1']['board']['pulled_under']);
        self::assertGreaterThan(8.0, $lines['P1']['board']['load']);
        self::assertFalse($lines['P2']['board']['pulled_under']);
        self::assertSame(['lure'], $lines['C2']['surfaced']);
        self::assertEquals(0, $lines['C2']['depth']);
    }

    public function test_breaches_are_told_with_their_place_and_cured_where_they_can_be(): void
    {
        $spread = $this->demoSpread();
        foreach (['board_out', 'let_out'] as $figure) {
            $spread['lines'][0][$figure] = 20.0;
        }
        $spread['lines'][4]['let_out'] = 121 * self::FOOT;
        $breaches = $this->preview($spread)['breaches'];
        self::assertEqualsCanonicalizing(
            [
                ['tangle', ['P1', 'P2']],
                ['bottom', ['P5']],
                ['holder_order', ['P1', 'P2']],
                ['bare', []],
                ['duplicate', ['P4', 'S4']],
                ['duplicate', ['S5', 'S2']],
            ],
            array_map(
                static fn (array $b): array => [$b['kind'], $b['holders']],
                array_filter($breaches, static fn (array $b): bool => $b['kind'] !== 'neighbours'),
            ),
        );

        $cures = $this->send('POST', '/spreads/{next}/cures', $spread, 200)->json('cures');
        $byKind = array_column($cures, null, 'kind');
        self::assertSame(['P5'], $byKind['set_control']['holders']);
        self::assertSame(['P1', 'P2'], $byKind['swap_holders']['holders']);
        self::assertStringStartsWith('Set P5 to ', $byKind['set_control']['order']);
        self::assertNotContains(
            'bottom', array_column($this->preview(['lines' => $byKind['set_control']['lines']] + $spread)['breaches'], 'kind'),
        );
        self::assertSame('Swap P1 and P2', $byKind['swap_holders']['order']);
        self::assertNotContains(
            'holder_order',
            array_column($this->preview(['lines' => $byKind['swap_holders']['lines']] + $spread)['breaches'], 'kind'),
            'the lines it holds are those it was tried on',
        );
        $holders = array_column($spread['lines'], 'holder_id');
        self::assertSame(
            [$holders[1], $holders[0], ...array_slice($holders, 2)], array_column($byKind['swap_holders']['lines'], 'holder_id'),
        );
    }

    public function test_over_the_entered_limit_is_the_first_thing_to_look_at(): void
    {
        \App\Models\Trip::query()->update(['line_limit' => 10]);
        $first = $this->preview()['breaches'][0];

        self::assertEquals(['line_count', 12, 10], [$first['kind'], $first['amount'], $first['wanted']]);
    }

    public function test_the_rigger_tells_its_ball_and_its_blow_back(): void
    {
        $line = array_column($this->preview()['lines'], null, 'holder')['P5'];

        self::assertEqualsWithDelta(98 * self::FOOT - $line['ball']['place'][2], $line['ball']['blow_back'], 1e-3);
        self::assertGreaterThan($line['ball']['place'][2], $line['depth']);
        self::assertNull($line['diver']);
        self::assertCount(1, $line['branches']);
    }

    /**
     * @param  list<int>  $holderIds
     * @return list<array<string, mixed>>
     */
    private function reach(float $depth, array $holderIds): array
    {
        return $this->send(
            'POST', '/spreads/{next}/reach', ['depth' => $depth, 'holder_ids' => $holderIds] + $this->demoSpread(), 200,
        )->json('lines');
    }
}
