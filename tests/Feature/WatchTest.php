<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Gear\Lure;
use App\Models\Holder;
use Tests\Feature\Support\FeatureTestCase;

/** How it stands now, rod by rod. */
final class WatchTest extends FeatureTestCase
{
    private const NOW = '2031-06-01T10:00:00.000Z';

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(self::NOW);
        $this->seedDemo();
    }

    public function test_before_anything_is_set_it_tells_the_plan(): void
    {
        $watch = $this->watch();
        $preview = $this->send('POST', '/spreads/{next}/preview', $this->demoSpread(), 200)->json('lines');
        self::assertSame(
            ['P1', 'P2', 'P3', 'P4', 'P5', 'C1', 'C2', 'S5', 'S4', 'S3', 'S2', 'S1'], array_column($watch['rods'], 'holder'),
        );
        self::assertSame(['in_boat'], array_values(array_unique(array_column($watch['rods'], 'state'))));
        self::assertEqualsWithDelta(
            array_column($preview, 'depth', 'holder'), array_column($watch['rods'], 'depth', 'holder'), 1e-3,
        );
        self::assertSame([[]], array_values(array_unique(array_column($watch['rods'], 'clear_first'), SORT_REGULAR)));
        self::assertSame([], array_filter(array_column($watch['rods'], 'planned')));
        self::assertStringContainsString('.', $watch['rods'][2]['taken']);
        $card = $this->send('GET', '/spreads/{next}/deck-card', expect: 200)->json('rows');
        $turns = array_column($watch['rods'], 'turn', 'holder');
        asort($turns);
        self::assertSame(
            array_map(static fn (array $row): string => $row['running']['holder'], $card),
            array_map(strval(...), array_keys($turns)), 'in the deck card’s order',
        );
        self::assertSame([], array_filter(array_column($watch['rods'], 'counter')));
        Holder::query()->where('code', 'P5')->update(['counter_factor' => 1.05]);
        $p5 = $this->rod('P5');
        self::assertEqualsWithDelta(1.05 * $p5['line']['let_out'], $p5['counter'], 1e-6);
    }

    public function test_a_depth_seen_on_the_water_teaches_of_the_gear_and_is_forgotten_when_taken_back(): void
    {
        $line = $this->line('P3');
        $this->tell('out', ['holder_id' => $line['holder_id'], 'line' => $line]);
        $before = $this->rod('P3');
        self::assertFalse($before['trued']);
        foreach ([900, 901, 902] as $number) {
            $this->tell('sounding', [
                'holder_id' => $line['holder_id'], 'depth' => 1.1 * $before['depth'], 'method' => 'bottom',
            ], $number);
        }
        $soundings = $this->send('GET', '/soundings', expect: 200)->json('soundings');
        self::assertCount(3, $soundings);
        self::assertEqualsWithDelta(1.1 * $before['depth'], $soundings[0]['depth'], 1e-6);
        $trued = $this->rod('P3');
        self::assertTrue($trued['trued']);
        self::assertGreaterThan(1.03 * $before['depth'], $trued['depth']);
        $rods = $this->send('GET', '/trips/{next}/watch?untrued=1', expect: 200)->json('rods');
        $untrued = array_column($rods, null, 'holder')['P3'];
        self::assertEqualsWithDelta([$before['depth'], false], [$untrued['depth'], $untrued['trued']], 1e-6);

        $this->tell('void', ['of' => self::uuid(901)]);
        self::assertCount(2, $this->send('GET', '/soundings', expect: 200)->json('soundings'));
        $spare = $this->line('S3');
        $this->tell('sounding', ['holder_id' => $spare['holder_id'], 'depth' => 20.0]);
        self::assertCount(2, $this->send('GET', '/soundings', expect: 200)->json('soundings'), 'S3 was not out');
        self::assertContains('sounding', array_column($this->send('GET', '/trips/{next}/day', expect: 200)->json('log'), 'kind'));
    }

    public function test_out_of_gear_it_tells_of_the_lines_that_are_out_how_soon_they_touch(): void
    {
        self::assertSame([], $this->outOfGear()['lines'], 'nothing is out yet');
        foreach (['P5', 'P3'] as $holder) {
            $line = $this->line($holder);
            $this->tell('out', ['holder_id' => $line['holder_id'], 'line' => $line]);
        }
        $told = $this->outOfGear();
        self::assertGreaterThan(0.0, $told['bottom']);
        self::assertEqualsCanonicalizing(['P5', 'P3'], array_column($told['lines'], 'holder'));
        self::assertNotSame('', $told['says']);
        [$first, $second] = [$told['lines'][0] ?? self::fail(), $told['lines'][1] ?? self::fail()];
        self::assertLessThanOrEqual($second['soonest'] ?? INF, $first['soonest'] ?? INF);
        self::assertGreaterThan($this->rod($first['holder'])['depth'], $first['depth'], 'it sinks');
    }

    public function test_what_is_in_the_water_runs_as_it_was_set_and_at_the_speed_of_now(): void
    {
        $line = $this->line('P3');
        $this->tell('out', ['holder_id' => $line['holder_id'], 'line' => ['let_out' => 0.7 * $line['let_out']] + $line]);
        $p3 = $this->rod('P3');
        self::assertSame(['fishing', true], [$p3['state'], $p3['depth'] < $p3['planned'] - $p3['doubt']['deeper']]);
        self::assertEqualsWithDelta(0.7 * $line['let_out'], $p3['line']['let_out'], 1e-9);

        $slow = $this->rod('S3');
        $this->tell('speed', ['speed' => 0.8]);
        self::assertGreaterThan(1.0, abs($this->rod('S3')['depth'] - $slow['depth']), 'at another speed it runs elsewhere');
        self::assertEqualsWithDelta(0.8, $this->watch()['speed'], 1e-9);
    }

    public function test_a_fish_on_tells_what_to_clear_of_what_is_in_the_water(): void
    {
        foreach (['P3', 'P4', 'P5', 'C1'] as $code) {
            $this->tell('out', ['holder_id' => $this->holder($code), 'line' => $this->line($code)]);
        }
        $plan = array_column(
            $this->send('GET', '/spreads/{next}/deck-card', expect: 200)->json('rows'), 'clear_first', null,
        );
        self::assertNotSame([], array_merge(...$plan));
        $cleared = $this->rod('P3')['clear_first'];
        self::assertNotSame([], $cleared);
        self::assertSame([], array_diff($cleared, ['P4', 'P5', 'C1']), 'nothing that is in the boat');
    }

    public function test_lines_that_do_not_go_together_stop_neither_the_watch_nor_a_bite(): void
    {
        $spread = $this->demoSpread();
        $stacker = ['presentation' => 'stacker', 'rides_on' => $this->holder('P5'), 'above' => 6.0, 'lead' => 4.0]
            + array_intersect_key($this->line('P3'), array_flip(['holder_id', 'reel_id', 'lure_id']));
        $this->tell('out', ['holder_id' => $this->holder('P5'), 'line' => $this->line('P5')]);
        $this->tell('out', ['holder_id' => $this->holder('P3'), 'line' => $stacker]);
        self::assertNotNull($this->rod('P3')['depth']);
        // The rigger whose cable it rides comes in, and goes out of the plan.
        $this->tell('in', ['holder_id' => $this->holder('P5')]);
        $p5 = $this->holder('P5');
        $lines = array_values(array_filter($spread['lines'], static fn (array $line): bool => $line['holder_id'] !== $p5));
        $this->send('PUT', '/spreads/{next}', ['lines' => $lines, 'setting_order' => null] + array_intersect_key(
            $spread, array_flip(['version', 'speed', 'school']),
        ), 200);
        self::assertSame(['fishing', null], [$this->rod('P3')['state'], $this->rod('P3')['depth']]);
        self::assertNotNull($this->rod('S5')['depth']);
        $this->tell('bite', [
            'holder_id' => $this->holder('P3'), 'spread_id' => $spread['id'], 'speed' => $spread['speed'],
            'lines' => [$stacker, $this->line('S5')],
        ]);
        self::assertSame('fish_on', $this->rod('P3')['state']);
    }

    public function test_fish_kept_count_against_the_bags_as_entered(): void
    {
        $this->demoTrip()->update(['catch_limits' => [['species' => 'king', 'bag' => 1, 'least_length' => null]]]);
        $spread = $this->demoSpread();
        self::assertFalse($this->watch()['bags'][0]['full']);
        $this->tell('bite', [
            'holder_id' => $this->holder('P3'), 'spread_id' => $spread['id'], 'speed' => $spread['speed'],
            'lines' => $spread['lines'],
        ], 1);
        $this->tell('landed', ['of' => self::uuid(1), 'species' => 'king']);
        $this->tell('kept', ['of' => self::uuid(1)]);
        $watch = $this->watch();
        self::assertSame([['species' => 'king', 'kept' => 1, 'bag' => 1, 'full' => true]], $watch['bags']);
        self::assertSame(1, $watch['bites']);
    }

    public function test_asked_with_what_is_known_it_answers_only_where_that_has_changed(): void
    {
        $known = $this->watch()['version'];
        self::assertSame('', (string) $this->send('GET', "/trips/{next}/watch?known={$known}", expect: 204)->getContent());
        $this->tell('in', ['holder_id' => $this->holder('P3')]);
        $next = $this->send('GET', "/trips/{next}/watch?known={$known}", expect: 200)->json('version');
        self::assertNotSame($known, $next);
        $spread = $this->demoSpread();
        $this->send('PUT', '/spreads/{next}', array_intersect_key($spread, array_flip([
            'version', 'lines', 'school', 'setting_order',
        ])) + ['speed' => 1.2], 200);
        $planned = $this->send('GET', "/trips/{next}/watch?known={$next}", expect: 200)->json('version');
        Lure::query()->update(['finish' => 'repainted']);
        $repainted = $this->send('GET', "/trips/{next}/watch?known={$planned}", expect: 200)->json('version');
        $this->send('PUT', '/trips/{next}/water/temperatures', ['readings' => [['depth' => 0, 'celsius' => 3.0]]], 200);
        $this->send('GET', "/trips/{next}/watch?known={$repainted}", expect: 200);
    }

    /** @param  array<string, mixed>  $more */
    private function tell(string $kind, array $more, int $number = 0): void
    {
        static $told = 100;
        $event = ['uuid' => self::uuid($number ?: ++$told), 'kind' => $kind, 'at' => '2031-06-01T09:50:00Z'] + $more;
        $answer = $this->send('POST', '/trips/{next}/events', ['sent_at' => self::NOW, 'events' => [$event]], 200)->json();
        self::assertSame([], $answer['refused']);
    }

    private static function uuid(int $number): string
    {
        return sprintf('0190b1a4-0000-7000-8000-%012d', $number);
    }

    /** @return array<string, mixed> */
    private function watch(): array
    {
        return $this->send('GET', '/trips/{next}/watch', expect: 200)->json();
    }

    /** @return array<string, mixed> */
    private function outOfGear(): array
    {
        return $this->send('GET', '/trips/{next}/out-of-gear', expect: 200)->json();
    }

    /** @return array<string, mixed> */
    private function rod(string $code): array
    {
        return array_column($this->watch()['rods'], null, 'holder')[$code];
    }

    /** @return array<string, mixed> */
    private function line(string $code): array
    {
        return array_column($this->demoSpread()['lines'], null, 'holder_id')[$this->holder($code)];
    }
}
