<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Boat;
use App\Models\Gear\Reel;
use Tests\Feature\Support\FeatureTestCase;

/** The locker as a whole: lists kept, retired, as tables out and in, and what uses each piece. */
final class LockerTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
    }

    public function test_a_table_is_looked_at_and_then_kept_but_for_what_is_wrong_in_it(): void
    {
        $text = "name;family;finish;length, cm;note\nGrey Dipper;medium spoon;grey;9,5;\"new;\nin a bag\"\n"
            ."Silver Tern;small spoon;plain silver;7;\nOdd One;trumpet;grey;;\nGrey Dipper;medium spoon;grey;;\n";
        $before = Boat::query()->sole()->lures()->count();
        $found = $this->send('POST', '/locker/lures/table', ['text' => $text], 200)->json();
        self::assertSame([['Grey Dipper'], ['Silver Tern'], [5, 6]], [
            $found['added'], $found['changed'], array_column($found['bad'], 'line'),
        ]);
        self::assertStringContainsString('not “trumpet”', $found['bad'][0]['reason']);
        self::assertStringContainsString('line 2 already', $found['bad'][1]['reason']);
        self::assertSame($before, Boat::query()->sole()->lures()->count(), 'nothing is kept by looking');

        self::assertSame($found, $this->send('PUT', '/locker/lures/table', ['text' => $text], 200)->json());
        $lures = array_column($this->send('GET', '/locker', expect: 200)->json('lures'), null, 'name');
        self::assertSame(["new;\nin a bag", 0.095], [$lures['Grey Dipper']['note'], $lures['Grey Dipper']['size']]);
        self::assertSame(['plain silver', 0.07], [$lures['Silver Tern']['finish'], $lures['Silver Tern']['size']]);
    }

    public function test_every_list_goes_out_as_a_table_and_comes_in_unchanged(): void
    {
        $this->send('POST', '/locker/weights', ['name' => 'Bell 2 oz', 'mass' => 0.0567, 'count' => 6], 201);
        $this->send('POST', '/locker/leaders', [
            'name' => 'Long fluoro', 'material' => 'fluorocarbon', 'test' => 25, 'length' => 6.0, 'count' => 4,
        ], 201);
        $this->send('POST', '/locker/attractors', ['name' => 'White Flash', 'kind' => 'large_flasher', 'finish' => 'white'], 201);
        $before = $this->send('GET', '/locker', expect: 200)->json();
        foreach (array_keys($before) as $list) {
            $text = (string) $this->get("/api/locker/{$list}/table")->assertOk()->getContent();
            $told = $this->send('PUT', "/locker/{$list}/table", ['text' => $text], 200)->json();
            self::assertSame(
                [[], [], count($before[$list]), [], []],
                [$told['added'], $told['changed'], $told['same'], $told['bad'], $told['ignored']],
                (string) $list,
            );
        }
        self::assertSame($before, $this->send('GET', '/locker', expect: 200)->json(), 'to the last figure');
    }

    public function test_what_uses_a_piece_is_told_and_a_lure_where_it_runs(): void
    {
        $lures = array_column($this->send('GET', '/locker')->json('lures'), 'id', 'name');
        $page = $this->send('GET', "/locker/lures/{$lures['Pale Kestrel']}", expect: 200)->json();
        self::assertSame([['S2', 'S5']], array_map(
            static fn (array $trip): array => self::sorted($trip['holders']), $page['uses']['planned'],
        ));
        self::assertGreaterThan(0, $page['uses']['fished']);
        self::assertNotEmpty($page['lure']['bites']);
        self::assertCount(3, $page['lure']['speeds']);
        foreach ($page['lure']['behind'] as $reel) {
            self::assertCount(3, $reel['runs']);
            // Slower runs deeper, whatever sinks it.
            self::assertGreaterThan($reel['runs'][2]['depth'], $reel['runs'][0]['depth'], "reel {$reel['reel']}");
            self::assertGreaterThan(0.0, $reel['runs'][1]['doubt']['deeper']);
        }
        $lines = array_column($this->demoSpread()['lines'], null, 'holder_id');
        $reel = reset($lines)['reel_id'];
        $out = array_map(
            static fn (array $line): float => $line['reel_id'] === $reel ? $line['let_out'] + $line['board_out'] : 0.0, $lines,
        );
        $left = fn (): ?float => $this->send('GET', "/locker/reels/{$reel}")->json('uses.planned.0.left');
        self::assertNull($left(), 'nobody told what is on it');
        Reel::query()->whereKey($reel)->update(['line_length' => 200.0]);
        self::assertEqualsWithDelta(200.0 - max([0.0, ...array_values($out)]), $left(), 1e-6, 'where the most is out');
        $balls = array_column($this->send('GET', '/locker')->json('balls'), 'id', 'name');
        $ball = $this->send('GET', "/locker/balls/{$balls['Ball 12 lb']}", expect: 200)->json();
        self::assertSame([['P5', 'S5'], null], [self::sorted($ball['uses']['planned'][0]['holders']), $ball['lure']]);
        $this->send('GET', '/locker/balls/9999', expect: 404);
    }

    public function test_what_is_retired_hangs_on_but_is_reached_for_no_more(): void
    {
        $lure = array_column($this->send('GET', '/locker')->json('lures'), null, 'name')['Blue Hour'];
        $this->send('PUT', "/locker/lures/{$lure['id']}", ['retired' => true] + $lure, 200);
        $spread = $this->send('GET', '/spreads/{next}', expect: 200)->json();
        self::assertContains($lure['id'], array_column($spread['lines'], 'lure_id'));
        $this->send('POST', '/spreads/{next}/preview', $spread, 200)->assertJsonCount(count($spread['lines']), 'lines');
        $bands = [['species' => 'king', 'top' => 12.0, 'bottom' => 20.0, 'weight' => 1.0]];
        $draft = $this->send('POST', '/spreads/{next}/draft', ['bands' => $bands, 'lines' => []] + $spread, 200)->json('lines');
        self::assertNotEmpty($draft);
        self::assertNotContains($lure['id'], array_column(array_column($draft, 'line'), 'lure_id'));
    }

    public function test_the_lure_box_is_put_in_order_by_water_hour_and_own_log(): void
    {
        $box = $this->send('GET', '/trips/{next}/lure-box', expect: 200)->json();
        self::assertCount(4, $box['first']);
        self::assertSame($box['order'][0]['lure'], $box['first'][0]);
        self::assertNotContains($box['next'], $box['first']);
        // A bite of a fish this trip is not for says nothing of it.
        self::assertContains(1, array_column($box['order'], 'bites'));
        self::assertNotContains(2, array_column($box['order'], 'bites'));
        $points = array_column($box['order'], 'points');
        $falling = $points;
        rsort($falling);
        self::assertSame($falling, $points);
        $noon = $this->send('GET', '/trips/{next}/lure-box?hour=5', expect: 200)->json();
        self::assertSame(5, $noon['hour']);
        self::assertNotEquals($box['order'], $noon['order'], 'the sun is up');
        $last = $this->send('GET', '/trips/{next}/lure-box?hour=99', expect: 200)->json('hour');
        self::assertSame(count($box['hours']) - 1, $last);
        $this->send('PUT', '/trips/{next}/water/choices', ['advice' => 'bait', 'school' => 'stand_out'], 200);
        $other = $this->send('GET', '/trips/{next}/lure-box', expect: 200)->json();
        self::assertSame([false, true], array_column($other['schools'], 'chosen'));
        self::assertNotEquals($box['order'], $other['order']);
    }

    /**
     * @param  list<string>  $codes
     * @return list<string>
     */
    private static function sorted(array $codes): array
    {
        sort($codes);

        return $codes;
    }

    public function test_a_flasher_of_the_locker_hangs_on_a_line_and_goes_with_it_in_its_file(): void
    {
        $flasher = $this->send('POST', '/locker/attractors', [
            'name' => 'Moss Flash', 'kind' => 'large_flasher', 'finish' => 'moss',
        ], 201)->json();
        $spread = $this->demoSpread();
        $spread['lines'][4] = ['attractor_id' => $flasher['id'], 'attractor' => null] + $spread['lines'][4];
        $any = ['lines' => $spread['lines']] + $spread;
        $any['lines'][4] = ['attractor_id' => null, 'attractor' => 'large_flasher'] + $any['lines'][4];
        $depth = fn (array $lines): float => $this->send(
            'POST', '/spreads/{next}/preview', ['lines' => $lines] + $spread, 200,
        )->json('lines.4.depth');
        self::assertSame($depth($any['lines']), $depth($spread['lines']), 'it pulls as its kind does');

        $kept = $this->send('PUT', '/spreads/{next}', $spread, 200)->json();
        self::assertSame($flasher['id'], $kept['lines'][4]['attractor_id']);
        $used = $this->send('GET', "/locker/attractors/{$flasher['id']}", expect: 200)->json('uses.planned.0.holders');
        self::assertSame(['P5'], $used);
        $file = $this->send('GET', '/spreads/{next}/file', expect: 200)->json();
        self::assertSame(['name' => 'Moss Flash', 'kind' => 'large_flasher'], $file['lines'][4]['attractor']);

        $spread['version'] = $kept['version'];
        foreach ([null, 'dodger'] as $kind) {
            $spread['lines'][4] = ['attractor_id' => 9999, 'attractor' => $kind] + $spread['lines'][4];
            $this->assertRefusedAt(['/lines/4/attractor_id'], 'PUT', '/spreads/{next}', $spread);
        }
    }
}
