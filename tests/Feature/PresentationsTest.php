<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Holder;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Support\FeatureTestCase;

/** Every presentation as the page rigs it: from the locker's own offer, previewed, run at a depth, kept and read back. */
final class PresentationsTest extends FeatureTestCase
{
    /** @var array<string, mixed> */
    private array $locker;

    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
        $this->locker = $this->send('GET', '/locker', expect: 200)->json();
    }

    /** @return iterable<string, array{string, string}> presentation, holder */
    public static function presentations(): iterable
    {
        yield 'rigger' => ['rigger', 'P5'];
        yield 'stacker' => ['stacker', 'P4'];
        foreach (['diver', 'flat', 'core', 'segment', 'wire', 'clip', 'bouncer', 'dropper', 'wash', 'down_rod'] as $presentation) {
            yield $presentation => [$presentation, 'P3'];
        }
    }

    #[DataProvider('presentations')]
    public function test_a_line_of_each_kind_is_rigged_run_kept_and_read_back(string $presentation, string $holder): void
    {
        $spread = $this->demoSpread();
        $spread['lines'] = [...array_values(array_filter($spread['lines'], fn (array $line): bool => $line['holder_id'] !== $this->holder($holder))), $this->line($presentation, $holder)];
        $running = array_column($this->send('POST', '/spreads/2/preview', $spread, 200)->json('lines'), null, 'holder')[$holder];
        self::assertGreaterThan(0.0, $running['depth']);
        self::assertGreaterThan(0.0, $running['doubt']['deeper']);

        $wanted = 0.85 * $running['depth'];
        $reach = $this->send('POST', '/spreads/2/reach', ['depth' => $wanted, 'holder_ids' => [$this->holder($holder)]] + $spread, 200)->json('lines.0');
        self::assertTrue($reach['reached'], (string) json_encode($reach));
        $last = count($spread['lines']) - 1;
        $spread['lines'][$last] = $reach['figures'] + $spread['lines'][$last];
        $again = array_column($this->send('POST', '/spreads/2/preview', $spread, 200)->json('lines'), null, 'holder')[$holder];
        self::assertEqualsWithDelta($wanted, $again['depth'], 0.35, 'within what a mate can set');

        $kept = $this->send('PUT', '/spreads/2', $spread, 200)->json();
        $read = array_values(array_filter($kept['lines'], fn (array $line): bool => $line['holder_id'] === $this->holder($holder)))[0];
        foreach ($spread['lines'][$last] as $figure => $value) {
            is_float($value) ? self::assertEqualsWithDelta($value, $read[$figure], 1e-9, $figure) : self::assertEquals($value, $read[$figure], $figure);
        }
        $row = array_values(array_filter($this->send('GET', '/spreads/2/deck-card', expect: 200)->json('rows'), static fn (array $row): bool => $row['running']['holder'] === $holder))[0];
        self::assertEqualsWithDelta($again['depth'], $row['running']['depth'], 1e-3);
        $report = $this->send('POST', '/spreads/2/rod', ['holder_id' => $this->holder($holder)] + $spread, 200)->json();
        self::assertSame(in_array($presentation, ['bouncer', 'dropper'], true), $report['bottom_rig'] !== null);
        $offer = array_column($this->locker['presentations'], null, 'presentation')[$presentation];
        self::assertContains($running['control']['figure'], $offer['figures'], 'its control is a figure the page shows');
    }

    #[DataProvider('boards')]
    public function test_what_trails_a_board_trails_a_mast_board_too(string $presentation, string $size): void
    {
        $spread = $this->demoSpread();
        $board = array_column($this->locker['boards'], 'id', 'size')[$size];
        $line = ['board_id' => $board, 'board_out' => 45.0, 'clip_out' => $size === 'mast' ? 38.0 : null] + $this->line($presentation, 'P1');
        $spread['lines'] = [$line];
        $running = $this->send('POST', '/spreads/2/preview', $spread, 200)->json('lines.0');

        self::assertNotNull($running['board']);
        self::assertCount(2, $running['front']);
        self::assertSame($size === 'mast', $running['mast_line'] !== null);
        self::assertFalse($running['board']['pulled_under']);
        self::assertLessThan(-15.0, $running['board']['place'][1]);
        $turning = $this->send('POST', '/spreads/2/preview', ['what_if' => ['turn' => ['radius' => 120.0, 'side' => 'port']]] + $spread, 200)->json('lines.0');
        self::assertNotSame($running['path'], $turning['path'], 'it lies as it runs in the turn');
        self::assertLessThan(1.0, $turning['speed_factor'], 'on the inside of the turn');
    }

    /** @return iterable<string, array{string, string}> */
    public static function boards(): iterable
    {
        foreach (['flat', 'core', 'segment', 'wire', 'clip'] as $presentation) {
            foreach (['large', 'mast'] as $size) {
                yield "{$presentation}, {$size}" => [$presentation, $size];
            }
        }
    }

    public function test_what_a_presentation_cannot_use_is_refused_at_its_part(): void
    {
        $spread = $this->demoSpread();
        $nylon = array_column($this->locker['reels'], 'id', 'name')['Nylon 20 lb'];
        foreach ([
            [['reel_id' => $nylon] + $this->line('core', 'P3'), '/lines/0/reel_id'],
            [['reel_id' => $nylon] + $this->line('wire', 'P3'), '/lines/0/reel_id'],
            [['leader_length' => null] + $this->line('bouncer', 'P3'), '/lines/0/leader_length'],
            [['diver_id' => null] + $this->line('diver', 'P3'), '/lines/0/diver_id'],
            [['dial_side' => 'aft'] + $this->line('diver', 'P3'), '/lines/0/dial_side'],
            [['weight_mass' => 99.0] + $this->line('clip', 'P3'), '/lines/0/mass'],
            [$this->line('flat', 'P5'), '/lines/0/holder_id'],
            [$this->line('stacker', 'P3'), '/lines/0/rides_on'],
        ] as [$line, $pointer]) {
            $this->assertRefusedAt([$pointer], 'POST', '/spreads/2/preview', ['lines' => [$line]] + $spread);
        }
    }

    /** @return array<string, mixed> a line of a kind from what the locker offers, as the page would start it */
    private function line(string $presentation, string $holder): array
    {
        $offer = array_column($this->locker['presentations'], null, 'presentation')[$presentation];
        $reel = array_values(array_filter($this->locker['reels'], static fn (array $reel): bool => in_array($reel['material'], $offer['reel_materials'], true)))[0];
        $kinds = array_column($this->locker['lures'], 'id', 'kind');
        $line = ['holder_id' => $this->holder($holder), 'presentation' => $presentation, 'reel_id' => $reel['id'], 'lure_id' => $kinds[$offer['likely_lures'][0]], 'leader_material' => 'fluorocarbon', 'leader_test' => 25, 'leader_length' => 1.5] + $offer['starting_figures'];
        if (in_array('colours', $offer['figures'], true)) {
            $line['colours'] = min($line['colours'], $reel['colours']);
        }

        return $line + array_filter([
            'ball_id' => in_array('ball', $offer['figures'], true) ? $this->locker['balls'][0]['id'] : null,
            'diver_id' => in_array('diver', $offer['figures'], true) ? $this->locker['divers'][0]['id'] : null,
            'rides_on' => in_array('rides_on', $offer['figures'], true) ? $this->holder('P5') : null,
        ]);
    }

    private function holder(string $code): int
    {
        return (int) Holder::query()->where('code', $code)->value('id');
    }
}
