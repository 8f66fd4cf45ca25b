<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Previews\LeftQuestions;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Support\FeatureTestCase;

/** Manoeuvres tried on the planning table, and out of gear on the deck card. */
final class ManoeuvreTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
    }

    public function test_a_turn_is_told_frame_by_frame_from_where_the_lines_run(): void
    {
        $spread = $this->demoSpread();
        $running = array_column($this->send('POST', '/spreads/{next}/preview', $spread, 200)->json('lines'), null, 'holder');
        $turn = $this->tried(['kind' => 'turn', 'side' => 'port', 'figures' => ['by' => 60, 'rate' => 4.0]]);

        self::assertTrue($turn['whole']);
        self::assertCount(12, $turn['lines']);
        self::assertEqualsWithDelta(-60.0, $turn['boat'][count($turn['boat']) - 1]['heading'], 0.01);
        foreach ($turn['lines'] as $line) {
            self::assertCount(count($turn['boat']), $line['frames']);
            self::assertEqualsWithDelta($running[$line['holder']]['depth'], $line['frames'][0]['depth'], 0.15, $line['holder']);
            $shapes = array_map(static fn (array $frame): int => count($frame['path']), $line['frames']);
            self::assertCount(1, array_unique($shapes), 'of one shape');
            $path = $line['frames'][5]['path'];
            self::assertSame($path === [], $running[$line['holder']]['path'] === []);
        }
        foreach ($turn['happenings'] as $happening) {
            self::assertContains($happening['kind'], ['tangle', 'bottom', 'slack']);
            self::assertStringContainsString($happening['holders'][0], $happening['says']);
            self::assertLessThanOrEqual($turn['lasts'], $happening['worst']);
        }
        self::assertNotSame([], $turn['happenings'], 'the inside boards lie down');
        self::assertEqualsCanonicalizing(array_keys($running), array_column($turn['settled'], 'holder'));
    }

    public function test_its_beginning_alone_is_told_at_once(): void
    {
        $begun = $this->tried(['kind' => 's_curve'], ['until' => 8]);
        self::assertSame([false, [], 9], [$begun['whole'], $begun['happenings'], count($begun['boat'])]);
        self::assertSame($begun['lasts'], $this->tried(['kind' => 's_curve'])['lasts']);
    }

    public function test_out_of_gear_tells_who_touches_first_and_the_boat_s_own_coasting(): void
    {
        $this->send('PUT', '/trips/{next}/bottom', ['bottom' => 36.0, 'clearance' => 0.0, 'structure' => null], 200);
        $sinking = $this->tried(['kind' => 'out_of_gear', 'figures' => ['for' => 45]])['sinking'];
        self::assertCount(12, $sinking);
        $soonest = array_column(array_filter($sinking, static fn (array $line): bool => ! $line['on_bottom']), 'soonest');
        $touching = array_values(array_filter($soonest, static fn (?float $at): bool => $at !== null));
        self::assertNotSame([], $touching);
        $sorted = $touching;
        sort($sorted);
        self::assertSame($sorted, array_slice($soonest, 0, count($touching)), 'first to touch, first to clear');
        self::assertMatchesRegularExpression('/on bottom: (\d+–\d+ s|\d+ s|from \d+ s)$/', $sinking[0]['says']);

        $this->send('PUT', '/boat/books/manoeuvres', ['own' => ['coasting' => 40]], 200);
        $longer = $this->tried(['kind' => 'out_of_gear', 'figures' => ['for' => 45]])['sinking'];
        self::assertGreaterThan($sinking[0]['seconds'], array_column($longer, 'seconds', 'holder')[$sinking[0]['holder']] ?? INF);
        $card = $this->send('GET', '/spreads/{next}/deck-card', expect: 200)->json('out_of_gear');
        self::assertSame([36.0, $longer], [(float) $card['bottom'], $card['lines']]);
    }

    public function test_a_pass_is_run_whole_over_its_own_bottom(): void
    {
        $trip = $this->demoTrip();
        $trip->update(['pass' => null, 'profile' => null]);
        $this->assertRefusedAt(['/manoeuvre/kind'], 'POST', '/spreads/{next}/manoeuvre', [
            'manoeuvre' => ['kind' => 'pass'],
        ] + $this->demoSpread());
        // Half a mile north, a right turn, half a mile east, onto a bank.
        $trip->update([
            'pass' => ['places' => [[45.0, -38.0], [45.0072, -38.0], [45.0072, -37.9898]]],
            'profile' => [
                ['along' => 0.0, 'depth' => 60.0], ['along' => 1000.0, 'depth' => 60.0], ['along' => 1400.0, 'depth' => 15.0],
            ],
        ]);
        $pass = $this->tried(['kind' => 'pass']);
        $boat = $pass['boat'];
        self::assertEqualsWithDelta([0.0, 90.0], [$boat[0]['heading'], $boat[count($boat) - 1]['heading']], 0.5);
        self::assertEqualsWithDelta(1600.0, $boat[count($boat) - 1]['along'], 10.0);
        self::assertEqualsWithDelta(1600.0 / $boat[0]['speed'], $pass['lasts'], 20.0);
        self::assertCount(count($boat), $pass['times']);
        $touched = array_filter($pass['happenings'], static fn (array $happening): bool => $happening['kind'] === 'bottom');
        self::assertNotSame([], $touched, 'the deep ones meet the bank');
        foreach ($touched as $happening) {
            self::assertGreaterThan(1000.0 / $boat[0]['speed'], $happening['from']);
        }
    }

    public function test_how_gently_a_turn_is_to_be_made(): void
    {
        $gentlest = $this->send('POST', '/spreads/{next}/manoeuvre/gentlest', [
            'manoeuvre' => ['kind' => 'turn', 'figures' => ['rate' => 6]],
        ] + $this->demoSpread(), 200)->json();
        self::assertTrue($gentlest['rate'] === null || $gentlest['rate'] <= 6.0);
        self::assertNotSame('', $gentlest['says']);
        $this->assertRefusedAt(['/manoeuvre/kind'], 'POST', '/spreads/{next}/manoeuvre/gentlest', [
            'manoeuvre' => ['kind' => 'gust'],
        ] + $this->demoSpread());
    }

    public function test_what_no_boat_does_is_refused_at_its_figure(): void
    {
        $refused = fn (string $pointer, array $manoeuvre, array $more = []) => $this->assertRefusedAt(
            [$pointer], 'POST', '/spreads/{next}/manoeuvre', ['manoeuvre' => $manoeuvre] + $more + $this->demoSpread(),
        );
        $refused('/manoeuvre/kind', ['kind' => 'loop']);
        $refused('/manoeuvre/side', ['kind' => 'turn', 'side' => 'up']);
        $refused('/manoeuvre/figures/rate', ['kind' => 'turn', 'figures' => ['rate' => 400]]);
        $refused('/manoeuvre/figures/rate', ['kind' => 'turn', 'figures' => ['rate' => 'fast']]);
        $refused('/manoeuvre/figures/radius', ['kind' => 'turn', 'figures' => ['radius' => 3]]);
        $refused('/manoeuvre/figures/wheel', ['kind' => 'turn', 'figures' => ['wheel' => 3]]);
        $refused('/until', ['kind' => 'turn'], ['until' => -1]);
        $this->assertRefusedAt(['/manoeuvre', '/manoeuvre/kind'], 'POST', '/spreads/{next}/manoeuvre', $this->demoSpread());
    }

    public function test_what_a_screen_no_longer_waits_for_is_not_worked_out_to_its_end(): void
    {
        $shared = "{$this->database}.asked";
        $this->app->instance(LeftQuestions::class, new LeftQuestions($shared));
        $asked = fn (string $screen, int $number, string $path = ''): TestResponse => $this->send(
            'POST', "/spreads/{next}/manoeuvre{$path}", [
                'manoeuvre' => ['kind' => 'turn'], 'until' => 2, 'question' => ['screen' => $screen, 'number' => $number],
            ] + $this->demoSpread(),
        );
        [$screen, $other] = ['018f0000-0000-7000-8000-000000000001', '018f0000-0000-7000-8000-000000000002'];
        $asked($screen, 2)->assertStatus(200);
        $this->send('POST', '/spreads/{next}/manoeuvre/left', ['screen' => $screen, 'number' => 2], 204);
        self::assertSame('No longer waited for', $asked($screen, 2)->assertStatus(409)->json('title'));
        $asked($screen, 1, '/gentlest')->assertStatus(409);
        $asked($screen, 3)->assertStatus(200);
        $asked($other, 1)->assertStatus(200);

        $this->assertRefusedAt(
            ['/screen', '/number'], 'POST', '/spreads/{next}/manoeuvre/left', ['screen' => 'x', 'number' => 0],
        );
        // On a disk where nothing can be kept each is worked out.
        $this->app->instance(LeftQuestions::class, new LeftQuestions("{$shared}/no"));
        $this->send('POST', '/spreads/{next}/manoeuvre/left', ['screen' => $screen, 'number' => 9], 204);
        $asked($screen, 9)->assertStatus(200);
        unlink($shared);
    }

    /**
     * @param  array<string, mixed>  $manoeuvre
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function tried(array $manoeuvre, array $more = []): array
    {
        return $this->send(
            'POST', '/spreads/{next}/manoeuvre', ['manoeuvre' => $manoeuvre] + $more + $this->demoSpread(), 200,
        )->json();
    }
}
