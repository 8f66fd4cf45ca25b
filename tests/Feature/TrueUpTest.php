<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Gear\Reel;
use App\Models\Sounding;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Feature\Support\PlansAhead;

/** Soundings from the boat's own rods, and every depth by what they teach. */
final class TrueUpTest extends FeatureTestCase
{
    use PlansAhead;

    public function test_soundings_true_every_depth_that_is_shown_and_a_switch_shows_the_untrued(): void
    {
        $spread = $this->demoSpread();
        $before = $this->lines($spread);
        self::assertSame(['figures' => [], 'soundings' => []], $this->send('GET', '/soundings', expect: 200)->json());
        foreach ([1.10, 1.12, 1.11] as $times) {
            $this->sound('P2', $times * $before['P2']['depth']);
        }
        $after = $this->lines($spread);
        self::assertEqualsWithDelta(1.1 * $before['P2']['depth'], $after['P2']['depth'], 0.05 * $before['P2']['depth']);
        self::assertLessThan(0.6 * self::width($before['P2']), self::width($after['P2']), 'the ± is narrower');
        self::assertGreaterThan(
            $before['S2']['depth'] + 0.1, $after['S2']['depth'], 'the same water, and the same kind of line, at the other side',
        );
        $untrued = $this->lines(['what_if' => ['untrued' => true]] + $spread);
        self::assertEqualsWithDelta(array_column($before, 'depth'), array_column($untrued, 'depth'), 1e-9);
        $rows = $this->send('GET', '/spreads/{next}/deck-card', expect: 200)->json('rows');
        $card = array_column(array_column($rows, 'running'), null, 'holder');
        self::assertEqualsWithDelta($after['P2']['depth'], $card['P2']['depth'], 1e-6);
        $rows = $this->send('GET', '/spreads/{next}/deck-card?untrued=1', expect: 200)->json('rows');
        $plain = array_column(array_column($rows, 'running'), null, 'holder');
        self::assertEqualsWithDelta($before['P2']['depth'], $plain['P2']['depth'], 1e-6);
        $watch = array_column($this->send('GET', '/trips/{next}/watch')->json('rods'), null, 'holder');
        self::assertEqualsWithDelta($after['P2']['depth'], $watch['P2']['depth'], 1e-3);
        $reached = $this->send('POST', '/spreads/{next}/reach', [
            'depth' => $after['P2']['depth'], 'holder_ids' => [$this->holder('P2')],
        ] + $spread, 200)->json('lines.0');
        self::assertEqualsWithDelta($before['P2']['control']['value'], $reached['value'], 0.26, 'it is let out as it was');
    }

    public function test_a_rod_tells_what_is_taught_of_its_gear_before_and_now(): void
    {
        $model = $this->rod('P2')['depth'];
        $ids = [$this->sound('P2', 1.1 * $model), $this->sound('P2', 1.12 * $model)];
        $told = $this->rod('P2')['trued'];
        self::assertEqualsWithDelta($model, $told['untrued']['depth'], 1e-6);
        self::assertSame(array_reverse($ids), array_column($told['soundings'], 'id'), 'the latest first');
        $figures = array_column($told['figures'], null, 'figure');
        self::assertEqualsWithDelta(['value' => 1, 'deviation' => 0.15], $figures['line_drag']['prior'], 1e-9);
        self::assertLessThan(1.0, $figures['line_drag']['now']['value'], 'deeper than reckoned: there is less drag');
        self::assertLessThan(0.15, $figures['line_drag']['now']['deviation']);
        self::assertSame($ids, $figures['line_drag']['soundings']);
        self::assertStringStartsWith('the trip of ', $figures['speed']['of']);
        $s2 = $this->rod('S2')['trued']['figures'];
        self::assertStringContainsString('the trip of ', implode(array_column($s2, 'of')), 'in the same water');

        $reel = Reel::query()->whereKey($this->row('P2')['reel_id'])->sole();
        $page = $this->send('GET', "/locker/reels/{$reel->id}", expect: 200)->json('taught');
        $figures = array_column($page['figures'], 'figure');
        self::assertEqualsCanonicalizing(['line_drag', 'let_out'], $figures, 'its line, its counter');
        self::assertCount(2, $page['soundings']);
        $this->send('DELETE', "/soundings/{$ids[0]}", expect: 204);
        $this->send('DELETE', "/soundings/{$ids[0]}", expect: 404);
        self::assertCount(1, $this->rod('P2')['trued']['soundings']);
    }

    public function test_a_false_one_is_named_with_its_likely_cause_and_counts_once_it_is_confirmed(): void
    {
        $model = $this->rod('P2')['depth'];
        foreach ([0.99, 1.0, 1.01, 1.0] as $times) {
            $this->sound('P2', $times * $model, 'sonar');
        }
        $steady = $this->rod('P2')['depth'];
        $false = $this->sound('P2', $model + 8.0);
        $told = array_column($this->send('GET', '/soundings', expect: 200)->json('soundings'), null, 'id');
        self::assertFalse($told[$false]['used']);
        self::assertGreaterThan(3.0, $told[$false]['off']);
        self::assertMatchesRegularExpression(
            '/^(Another lure|Was the counter set to nought|Was it this rod)\?/', $told[$false]['says'],
        );
        self::assertSame([true], array_unique(array_column(array_diff_key($told, [$false => 0]), 'used')));
        self::assertEqualsWithDelta($steady, $this->rod('P2')['depth'], 1e-3, 'it teaches nothing');
        $shallow = $this->sound('P2', 0.5 * $model);
        $told = array_column($this->send('GET', '/soundings')->json('soundings'), null, 'id');
        self::assertStringStartsWith('Was bottom there?', $told[$shallow]['says']);
        $this->send('PATCH', "/soundings/{$false}", ['confirmed' => true], 204);
        self::assertTrue(array_column($this->send('GET', '/soundings')->json('soundings'), null, 'id')[$false]['used']);
        self::assertGreaterThan($steady + 0.01, $this->rod('P2')['depth'], 'it counts, as far as so false a one can pull');
        $this->assertRefusedAt(['/confirmed'], 'PATCH', "/soundings/{$false}", ['confirmed' => 'yes']);
        $this->send('PATCH', '/soundings/999', ['confirmed' => true], 404);
    }

    public function test_a_figure_is_set_aside_and_forgotten(): void
    {
        $model = $this->rod('P2')['depth'];
        foreach ([1.1, 1.11, 1.12] as $times) {
            $this->sound('P2', $times * $model);
        }
        $line = fn (): array => array_values(array_filter(
            $this->rod('P2')['trued']['figures'], static fn (array $figure): bool => $figure['figure'] === 'line_drag',
        ));
        $figure = array_intersect_key($line()[0], ['figure' => 0, 'owner' => 0]);
        $trued = $this->rod('P2')['depth'];
        $this->send('PUT', '/soundings/figure', $figure + ['aside' => true], 204);
        $aside = $this->rod('P2')['depth'];
        self::assertTrue($aside < $trued && $aside > $model, 'the others are gone by still');
        $reel = Reel::query()->whereKey($this->row('P2')['reel_id'])->sole();
        $this->send('PUT', "/locker/reels/{$reel->id}", ['name' => 'Respooled'] + $this->piece($reel), 200);
        self::assertEqualsWithDelta($aside, $this->rod('P2')['depth'], 1e-9, 'whatever it is called');
        $figure['owner'] = 'reel Respooled';
        $this->send('PUT', '/soundings/figure', $figure + ['aside' => false], 204);
        self::assertEqualsWithDelta($trued, $this->rod('P2')['depth'], 1e-9);
        $this->send('PUT', '/soundings/figure', $figure + ['forgotten_at' => '2031-05-01T09:00:00Z'], 204);
        self::assertSame([], $line(), 'nothing has been sounded of it since');
        self::assertCount(3, $this->rod('P2')['trued']['soundings'], 'of the lure they tell on');
        self::assertTrue($this->rod('P2')['depth'] < $trued);
        $this->assertRefusedAt(['/figure', '/owner', '/aside'], 'PUT', '/soundings/figure', ['figure' => 'colour']);
    }

    public function test_what_is_learnt_of_the_water_is_that_trip_s_alone(): void
    {
        $model = $this->rod('P2')['depth'];
        foreach ([1.1, 1.11, 1.12] as $times) {
            $this->sound('P2', $times * $model);
        }
        $trued = $this->rod('P2')['depth'];
        Sounding::query()->update(['trip_id' => $this->demoTrip('past')->id]);
        $other = $this->rod('P2');
        self::assertTrue($other['depth'] < $trued - 0.01 && $other['depth'] > $model + 0.01);
        self::assertNotContains('speed', array_column($other['trued']['figures'], 'figure'));
    }

    public function test_which_sounding_next_and_what_cannot_be_reckoned_any_more(): void
    {
        $next = $this->send('POST', '/spreads/{next}/next-sounding', $this->demoSpread(), 200)->json('next');
        self::assertMatchesRegularExpression('/^Touch bottom with [CPS]\d at \d+ ft: /', $next['says']);
        self::assertLessThan($next['before'], $next['after']);
        $this->sound($next['holder'], $next['depth']);
        $then = $this->send('POST', '/spreads/{next}/next-sounding', $this->demoSpread(), 200)->json('next');
        self::assertEqualsWithDelta($next['after'], $then['before'], 0.1 * $next['after'], 'as it was foretold');
        self::assertNull(
            $this->send('POST', '/spreads/{next}/next-sounding', ['lines' => []] + $this->demoSpread(), 200)->json('next'),
        );
        $id = $this->sound('P2', $this->rod('P2')['depth']);
        DB::table('soundings')->where('id', $id)->update(['set_up' => '{"presentation":"core"}', 'circumstances' => null]);
        $told = array_column($this->send('GET', '/soundings', expect: 200)->json('soundings'), null, 'id');
        self::assertStringStartsWith('The gear it was read off is told otherwise', $told[$id]['says']);
        self::assertNull($told[$id]['trued']);
    }

    public function test_what_hangs_on_another_s_cable_is_sounded_with_it(): void
    {
        $spread = $this->demoSpread();
        $host = $spread['lines'][4];
        $spread['lines'][3] = [
            'presentation' => 'stacker', 'rides_on' => $host['holder_id'], 'above' => 6.0, 'lead' => 5.0,
            'reel_id' => $host['reel_id'], 'diver_id' => null, 'dial' => null, 'let_out' => null,
        ] + $spread['lines'][3];
        $id = $this->sound('P4', $this->lines($spread)['P4']['depth'] + 0.5, spread: $spread);
        $told = $this->send('GET', '/soundings', expect: 200)->json('soundings.0');
        self::assertSame([$id, 'P4', true], [$told['id'], $told['holder'], $told['used']]);
        $untrued = $this->lines(['what_if' => ['untrued' => true]] + $spread)['P4']['depth'];
        self::assertEqualsWithDelta($untrued, $told['untrued'], 0.01);
    }

    public function test_a_depth_that_is_none_is_refused(): void
    {
        $this->assertRefusedAt(['/depth', '/method'], 'POST', '/spreads/{next}/soundings', [
            'holder_id' => $this->holder('P2'), 'taken_at' => '2031-05-01T08:00:00Z', 'method' => 'guess', 'depth' => 0,
        ] + $this->demoSpread());
    }

    /** @param  ?array<string, mixed>  $spread */
    private function sound(string $holder, float $depth, string $by = 'bottom', ?array $spread = null): int
    {
        return $this->send('POST', '/spreads/{next}/soundings', [
            'holder_id' => $this->holder($holder), 'taken_at' => '2031-05-01T08:00:00Z', 'method' => $by, 'depth' => $depth,
        ] + ($spread ?? $this->demoSpread()), 201)->json('id');
    }

    /**
     * @param  array<string, mixed>  $asked
     * @return array<string, array<string, mixed>> by holder
     */
    private function lines(array $asked): array
    {
        return array_column($this->send('POST', '/spreads/{next}/preview', $asked, 200)->json('lines'), null, 'holder');
    }

    /** @return array<string, mixed> */
    private function rod(string $holder): array
    {
        return $this->send(
            'POST', '/spreads/{next}/rod', ['holder_id' => $this->holder($holder)] + $this->demoSpread(), 200,
        )->json();
    }

    /** @return array<string, mixed> */
    private function row(string $holder): array
    {
        return array_column($this->demoSpread()['lines'], null, 'holder_id')[$this->holder($holder)];
    }

    /** @return array<string, mixed> */
    private function piece(Reel $reel): array
    {
        return array_column($this->send('GET', '/locker')->json('reels'), null, 'id')[$reel->id];
    }

    /** @param  array<string, mixed>  $line */
    private static function width(array $line): float
    {
        return $line['doubt']['shallower'] + $line['doubt']['deeper'];
    }
}
