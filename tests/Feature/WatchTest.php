<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Gear\Lure;
use App\Models\Holder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Support\FeatureTestCase;

/** How it stands now, rod by rod. */
final class WatchTest extends FeatureTestCase
{
    private const NOW = '2031-06-01T10:00:00.000Z';

    private int $second = 0;

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

    public function test_a_swapped_lure_and_a_changed_let_out_stay_with_the_rod(): void
    {
        $line = $this->line('P3');
        $other = ['lure_id' => $this->line('S3')['lure_id'], 'let_out' => $line['let_out'] - 4.0] + $line;
        self::assertNotSame($line['lure_id'], $other['lure_id']);
        $id = $line['holder_id'];
        $this->tell('out', ['holder_id' => $id, 'line' => $line]);
        $this->tell('swap', ['holder_id' => $id, 'line' => $other]);
        $this->tell('bite', [
            'holder_id' => $id, 'spread_id' => $this->demoSpread()['id'], 'speed' => 1.0, 'lines' => [$other],
        ], 1);
        $this->tell('landed', ['of' => self::uuid(1)]);
        foreach (['in_boat', 'fishing', 'in_boat'] as $i => $state) {
            $rod = $this->rod('P3');
            self::assertSame(
                [$state, $other['lure_id'], $other['let_out'], $line['lure_id']],
                [$rod['state'], $rod['line']['lure_id'], $rod['line']['let_out'], $rod['as_planned']['lure_id']],
            );
            $i === 2 || $this->tell($i === 0 ? 'out' : 'in', ['holder_id' => $id] + ($i === 0 ? ['line' => $rod['line']] : []));
        }
        // The card the mate sets from follows, the plan does not.
        $card = $this->send('GET', '/spreads/{next}/deck-card', expect: 200)->json('rows');
        $row = array_values(array_filter($card, static fn (array $row): bool => $row['running']['holder'] === 'P3'))[0];
        self::assertSame([$other['lure_id'], true], [$row['line']['lure_id'], $row['otherwise']]);
        self::assertEquals($line, $this->line('P3'));
        self::assertNull($this->rod('S3')['as_planned']);

        $this->tell('as_planned', ['holder_id' => $id, 'line' => $this->rod('P3')['as_planned']]);
        self::assertSame([$line['lure_id'], null], [$this->rod('P3')['line']['lure_id'], $this->rod('P3')['as_planned']]);
    }

    public function test_a_depth_the_bottom_contradicts_is_asked_about_and_teaches_nothing_before_it_is_sure(): void
    {
        $line = $this->line('P3');
        $this->tell('out', ['holder_id' => $line['holder_id'], 'line' => $line]);
        DB::table('track')->insert(['at' => strtotime('2031-06-01T09:50:00Z') * 1000, 'depth' => 42.7]);
        $sounded = ['holder_id' => $line['holder_id'], 'depth' => 22.9, 'method' => 'bottom'];
        $asked = $this->told('sounding', $sounded, 1)['asked'];
        self::assertSame(
            [['uuid' => self::uuid(1), 'words' => 'The sounder has 140 ft of water there: did P3 touch bottom at 75 ft?']],
            $asked,
        );
        $open = fn (): array => $this->send('GET', '/trips/{next}/end', expect: 200)->json('soundings');
        self::assertSame([0, [self::uuid(1)]], [$open()['taken'], array_column($open()['asked'], 'uuid')]);
        self::assertSame([], $this->send('GET', '/soundings', expect: 200)->json('soundings'));
        self::assertContains('sounding', array_column($this->send('GET', '/trips/{next}/day', expect: 200)->json('log'), 'kind'));

        $this->tell('void', ['of' => self::uuid(1)]);
        self::assertSame([], $this->told('sounding', ['sure' => true] + $sounded, 2)['asked']);
        self::assertSame([1, []], [$open()['taken'], $open()['asked']]);
        // Seen on sonar well over the bottom it is nothing to ask about; deeper than it, it is.
        self::assertSame([], $this->told('sounding', ['method' => 'sonar'] + $sounded, 3)['asked']);
        self::assertCount(1, $this->told('sounding', ['method' => 'sonar', 'depth' => 60.0] + $sounded, 4)['asked']);
    }

    public function test_what_would_run_through_the_ground_lies_on_it(): void
    {
        $line = $this->line('P3');
        $this->tell('out', ['holder_id' => $line['holder_id'], 'line' => $line]);
        $rod = $this->rod('P3');
        self::assertFalse($rod['on_bottom']);
        $this->demoTrip()->update(['bottom' => 0.5 * $rod['depth'], 'latitude' => null, 'longitude' => null]);
        $lies = $this->rod('P3');
        self::assertTrue($lies['on_bottom']);
        self::assertEqualsWithDelta([0.5 * $rod['depth'], null], [$lies['depth'], $lies['doubt']], 1e-6);
        foreach ($this->watch()['rods'] as $other) {
            self::assertLessThanOrEqual(0.5 * $rod['depth'] + 1e-9, $other['depth'], $other['holder']);
        }
    }

    public function test_a_place_is_told_from_what_is_known_where_nothing_reads_it(): void
    {
        self::assertFalse($this->watch()['placed']);
        $this->tell('marker', ['note' => 'bait balls']);
        $this->demoTrip()->update(['latitude' => 45.0, 'longitude' => -38.0]);
        $this->tell('marker', ['from' => 'ground', 'bearing' => 90.0, 'distance' => 1000.0]);
        $markers = DB::table('events')->where('kind', 'marker')->pluck('tells')->map(
            static fn (string $tells): array => (array) json_decode($tells, true),
        )->all();
        self::assertArrayNotHasKey('latitude', $markers[0], 'a place nobody knew is not logged');
        self::assertEqualsWithDelta([45.0, -38.0 + 0.012719], [$markers[1]['latitude'], $markers[1]['longitude']], 1e-5);
        self::assertContains('marker, place not known', array_column(
            $this->send('GET', '/trips/{next}/day', expect: 200)->json('log'), 'words',
        ));
        $refused = $this->told('marker', ['from' => 'nowhere', 'bearing' => 90.0, 'distance' => 1000.0], 77, kept: false);
        self::assertSame('/from', $refused['refused'][0]['errors'][0]['pointer']);
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
        $this->told($kind, $more, $number);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed> as it is answered
     */
    private function told(string $kind, array $more, int $number = 0, bool $kept = true): array
    {
        static $told = 100;
        $at = sprintf('2031-06-01T09:50:%02dZ', $this->second++);
        $event = ['uuid' => self::uuid($number ?: ++$told), 'kind' => $kind, 'at' => $at] + $more;
        $answer = $this->send('POST', '/trips/{next}/events', ['sent_at' => self::NOW, 'events' => [$event]], 200)->json();
        self::assertSame($kept, $answer['refused'] === []);

        return $answer;
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
