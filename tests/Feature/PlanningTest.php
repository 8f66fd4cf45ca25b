<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Holder;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Feature\Support\PlansAhead;

/** What stands about the planning table, through HTTP against a real database. */
final class PlanningTest extends FeatureTestCase
{
    use PlansAhead;

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
        $lines = array_column($this->send('POST', '/spreads/{next}/preview', $spread, 200)->json('lines'), null, 'holder');

        self::assertEqualsWithDelta(6.0, $lines['P5']['depth'] - $lines['P4']['depth'], 1.2);
        self::assertSame([], $lines['P4']['path']);
        self::assertSame(['above', false], [$lines['P4']['control']['figure'], $lines['P4']['control']['deepens']]);
        $this->send('PUT', '/spreads/{next}', $spread, 200);
        self::assertSame($host['holder_id'], $this->demoSpread()['lines'][3]['rides_on']);
        $spread['lines'][3]['rides_on'] = $spread['lines'][0]['holder_id'];
        $this->assertRefusedAt(['/lines/3/rides_on'], 'POST', '/spreads/{next}/preview', $spread);
    }

    public function test_one_rod_s_figures_loads_and_other_opinions(): void
    {
        $spread = $this->demoSpread();
        $spread['lines'][2]['overrides'] = ['main.diameter' => 0.0003];
        $report = $this->rod('P3', $spread);
        $figures = array_column($report['figures'], null, 'key');

        self::assertSame([0.0003, true], [$figures['main.diameter']['value'], $figures['main.diameter']['own']]);
        self::assertEqualsWithDelta(0.00028, $figures['main.diameter']['default'], 1e-9);
        self::assertGreaterThan($report['depth'], $report['tip_down_depth']);
        self::assertSame(['lure', null, 'diver', null], array_column($report['loads'], 'name'));
        $core = $this->rod('P2', ['what_if' => ['speed' => 0.8]] + $spread);
        self::assertContains('speed', array_column($core['differences'], 'cause'), 'slower than the rule is told for');
        self::assertNull($core['trued'], 'nothing is sounded');
        $this->assertRefusedAt(['/holder_id'], 'POST', '/spreads/{next}/rod', ['holder_id' => 99] + $spread);
        $spread['lines'][2]['overrides'] = ['main.colour' => 3.0];
        $this->assertRefusedAt(
            ['/lines/2/overrides/main/colour'], 'POST', '/spreads/{next}/rod', ['holder_id' => $this->holder('P3')] + $spread,
        );
        $spread['lines'][2]['overrides'] = ['main.diameter' => 'thin'];
        $this->assertRefusedAt(['/lines/2/overrides'], 'PUT', '/spreads/{next}', $spread);
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
                $this->send('POST', '/spreads/{next}/preview', $this->demoSpread(), 200)->json('lines'), null, 'holder',
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
            array_column($this->send('POST', '/spreads/{next}/preview', $this->demoSpread(), 200)->json('breaches'), 'kind'),
        );
        self::assertArrayNotHasKey('tangle', $kinds());
        self::assertArrayHasKey('bare', $kinds());
        $this->send('PUT', '/boat/books/spread', ['own' => ['tangle' => 12, 'bare' => 60]], 200);

        self::assertArrayHasKey('tangle', $kinds(), 'lines that must keep twelve feet do not');
        self::assertArrayNotHasKey('bare', $kinds());
    }

    public function test_safe_limits_say_what_goes_wrong_beyond_them(): void
    {
        $limits = $this->send('POST', '/spreads/{next}/safe-limits', $this->demoSpread(), 200)->json();

        self::assertGreaterThan(10.0, $limits['port']['radius']);
        self::assertNotNull($limits['port']['first']);
        self::assertLessThan($this->demoSpread()['speed'], $limits['slowest']['speed']);
        self::assertSame('bottom', $limits['slowest']['first']['kind']);
        $tighter = [
            'what_if' => ['turn' => ['radius' => 0.97 * $limits['port']['radius'], 'side' => 'port']],
        ] + $this->demoSpread();
        $kinds = array_map(
            static fn (array $b): array => [$b['kind'], $b['holders']],
            $this->send('POST', '/spreads/{next}/preview', $tighter, 200)->json('breaches'),
        );
        self::assertContains([$limits['port']['first']['kind'], $limits['port']['first']['holders']], $kinds);
    }

    public function test_the_setting_order_is_kept_with_the_spread_and_its_crossings_told(): void
    {
        $spread = $this->demoSpread();
        $codes = Holder::query()->pluck('id', 'code');
        $plan = $this->send('POST', '/spreads/{next}/setting', $spread, 200)->json();
        self::assertSame(['P1', 'S1'], array_slice($plan['order'], 0, 2));
        self::assertSame([], $plan['crossings']);
        self::assertContains('P2', $plan['clearing']['P1']);

        $spread['setting_order'] = [$codes['P2'], $codes['P1']];
        $plan = $this->send('POST', '/spreads/{next}/setting', $spread, 200)->json();
        self::assertSame(['P2', 'P1'], array_values(array_intersect($plan['order'], ['P1', 'P2'])));
        self::assertSame([['P1', 'P2']], array_column(array_column($plan['crossings'], 'breach'), 'holders'));
        self::assertSame(['P1', 'P2'], array_values(array_intersect($plan['crossings'][0]['cure'], ['P1', 'P2'])));
        $cured = [
            'setting_order' => array_map(static fn (string $code): int => $codes[$code], $plan['crossings'][0]['cure']),
        ] + $spread;
        self::assertSame([], $this->send('POST', '/spreads/{next}/setting', $cured, 200)->json('crossings'));
        $this->send('PUT', '/spreads/{next}', ['school' => 'riggers_first'] + $spread, 200);
        self::assertSame(
            ['riggers_first', [$codes['P2'], $codes['P1']]],
            [$this->demoSpread()['school'], $this->demoSpread()['setting_order']],
        );
        self::assertSame('riggers_first', $this->send('GET', '/spreads/{next}/deck-card', expect: 200)->json('school'));
        $this->assertRefusedAt(['/setting_order/0'], 'PUT', '/spreads/{next}', ['setting_order' => [999]] + $this->demoSpread());
        $this->assertRefusedAt(['/school'], 'PUT', '/spreads/{next}', ['school' => 'whatever'] + $this->demoSpread());
    }

    public function test_a_rod_is_run_at_a_depth_by_its_dial_or_its_weight(): void
    {
        $spread = $this->demoSpread();
        $reach = fn (array $spread, int $holder, float $depth): array => $this->send(
            'POST', '/spreads/{next}/reach', ['holder_ids' => [$holder], 'depth' => $depth, 'by' => 'other'] + $spread, 200,
        )->json('lines.0');
        self::assertSame(
            'dial',
            array_column(
                $this->send('POST', '/spreads/{next}/preview', $spread, 200)->json('lines'), 'other_control', 'holder',
            )['P3'],
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
        $code = $this->send('POST', '/spreads/{next}/preview', $spread, 200)->json('lines.0.holder');
        $heavier = $reach($spread, $weighted['holder_id'], $this->depthOf($spread, $code) + 2.0);
        self::assertSame('weight', $heavier['control']);
        $box = $this->send('GET', '/catalogue')->json('shop_weights');
        self::assertContains($heavier['value'], $box, 'a weight that is in the box');
        self::assertGreaterThan(0.0567, $heavier['figures']['weight_mass']);
        $this->assertRefusedAt(
            ['/by'], 'POST', '/spreads/{next}/reach',
            ['by' => 'luck', 'holder_ids' => [$this->holder('P3')], 'depth' => 10.0] + $this->demoSpread(),
        );
        $this->assertRefusedAt(
            ['/by'], 'POST', '/spreads/{next}/reach',
            ['by' => 'other', 'holder_ids' => [$this->holder('P5')], 'depth' => 10.0] + $this->demoSpread(),
        );
    }

    /**
     * @param  array<string, mixed>  $spread
     * @return array<string, mixed>
     */
    private function rod(string $holder, array $spread): array
    {
        return $this->send('POST', '/spreads/{next}/rod', ['holder_id' => $this->holder($holder)] + $spread, 200)->json();
    }
}
