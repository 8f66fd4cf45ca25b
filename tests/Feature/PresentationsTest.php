<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Tackle\Catalogue\Pick;
use Admek\Core\Tackle\Catalogue\Presentation;
use App\Models\Holder;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Support\FeatureTestCase;

/** Every presentation as the page rigs it: begun by the server, previewed, run at a depth, kept and read back. */
final class PresentationsTest extends FeatureTestCase
{
    /** @var array<string, mixed> */
    private array $locker;

    /** @var array<string, array<string, mixed>> entries by presentation */
    private array $catalogue;

    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
        $this->locker = $this->send('GET', '/locker', expect: 200)->json();
        $this->catalogue = array_column(
            $this->send('GET', '/catalogue', expect: 200)->json('presentations'), null, 'presentation',
        );
    }

    /** @return iterable<string, array{string, string}> presentation, holder */
    public static function presentations(): iterable
    {
        foreach (Presentation::cases() as $presentation) {
            yield $presentation->value => [$presentation->value, match (true) {
                $presentation->entry()->picks(Pick::Ball) => 'P5',
                $presentation->entry()->picks(Pick::RidesOn) => 'P4',
                default => 'P3',
            }];
        }
    }

    #[DataProvider('presentations')]
    public function test_a_line_of_each_kind_is_rigged_run_kept_and_read_back(string $presentation, string $holder): void
    {
        $spread = $this->demoSpread();
        $spread['lines'] = [
            ...array_values(
                array_filter($spread['lines'], fn (array $line): bool => $line['holder_id'] !== $this->holder($holder)),
            ),
            $this->line($presentation, $holder),
        ];
        $running = array_column(
            $this->send('POST', '/spreads/{next}/preview', $spread, 200)->json('lines'), null, 'holder',
        )[$holder];
        self::assertGreaterThan(0.0, $running['depth']);
        self::assertGreaterThan(0.0, $running['doubt']['deeper']);

        $wanted = 0.85 * $running['depth'];
        $reach = $this->send(
            'POST', '/spreads/{next}/reach', ['depth' => $wanted, 'holder_ids' => [$this->holder($holder)]] + $spread, 200,
        )->json('lines.0');
        self::assertTrue($reach['reached'], (string) json_encode($reach));
        $last = count($spread['lines']) - 1;
        $spread['lines'][$last] = $reach['figures'] + $spread['lines'][$last];
        $again = array_column(
            $this->send('POST', '/spreads/{next}/preview', $spread, 200)->json('lines'), null, 'holder',
        )[$holder];
        self::assertEqualsWithDelta($wanted, $again['depth'], 0.35, 'within what a mate can set');

        $kept = $this->send('PUT', '/spreads/{next}', $spread, 200)->json();
        $read = array_values(
            array_filter($kept['lines'], fn (array $line): bool => $line['holder_id'] === $this->holder($holder)),
        )[0];
        foreach ($spread['lines'][$last] as $figure => $value) {
            is_float($value)
                ? self::assertEqualsWithDelta($value, $read[$figure], 1e-9, $figure)
                : self::assertEquals($value, $read[$figure], $figure);
        }
        $row = array_values(
            array_filter(
                $this->send('GET', '/spreads/{next}/deck-card', expect: 200)->json('rows'),
                static fn (array $row): bool => $row['running']['holder'] === $holder,
            ),
        )[0];
        self::assertEqualsWithDelta($again['depth'], $row['running']['depth'], 1e-3);
        $report = $this->send('POST', '/spreads/{next}/rod', ['holder_id' => $this->holder($holder)] + $spread, 200)->json();
        self::assertSame(in_array($presentation, ['bouncer', 'dropper'], true), $report['bottom_rig'] !== null);
        $shown = array_column(array_merge(...array_column($this->catalogue[$presentation]['parts'], 'fields')), 'figure');
        self::assertContains($running['control']['figure'], $shown, 'its control is a figure the page shows');
    }

    #[DataProvider('boards')]
    public function test_what_trails_a_board_trails_a_mast_board_too(string $presentation, string $size): void
    {
        $spread = $this->demoSpread();
        $spread['lines'] = [$this->line($presentation, 'P1', $size)];
        $running = $this->send('POST', '/spreads/{next}/preview', $spread, 200)->json('lines.0');

        self::assertNotNull($running['board']);
        self::assertCount(2, $running['front']);
        self::assertSame($size === 'mast', $running['mast_line'] !== null);
        self::assertFalse($running['board']['pulled_under']);
        self::assertLessThan(-15.0, $running['board']['place'][1]);
        $turning = $this->send(
            'POST', '/spreads/{next}/preview', ['what_if' => ['turn' => ['radius' => 120.0, 'side' => 'port']]] + $spread, 200,
        )->json('lines.0');
        self::assertNotSame($running['path'], $turning['path'], 'it lies as it runs in the turn');
        self::assertLessThan(1.0, $turning['speed_factor'], 'on the inside of the turn');
    }

    /** @return iterable<string, array{string, string}> */
    public static function boards(): iterable
    {
        foreach (Presentation::cases() as $presentation) {
            foreach ($presentation->entry()->takesBoard ? ['in-line', 'mast'] : [] as $board) {
                yield "{$presentation->value}, {$board}" => [$presentation->value, $board];
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
            [['weight_mass' => 99.0] + $this->line('clip', 'P3'), '/lines/0/weight_mass'],
            [['ball_mass' => 99.0] + $this->line('rigger', 'P5'), '/lines/0/ball_mass'],
            [['board_out' => 2.0] + $this->line('flat', 'P1', 'in-line'), '/lines/0/board_out'],
            [['holder_id' => $this->holder('P5')] + $this->line('flat', 'P3'), '/lines/0/holder_id'],
            [$this->line('stacker', 'P3'), '/lines/0/rides_on'],
        ] as [$line, $pointer]) {
            $this->assertRefusedAt([$pointer], 'POST', '/spreads/{next}/preview', ['lines' => [$line]] + $spread);
        }
    }

    public function test_a_rod_is_begun_clear_of_what_hangs_there_and_keeps_what_fits(): void
    {
        $spread = $this->demoSpread();
        $rig = function (string $presentation, string $holder, string $board = 'none', array $more = []) use (&$spread): array {
            return $this->send(
                'POST',
                '/spreads/{next}/rig',
                $more + [
                    'holder_id' => $this->holder($holder),
                    'presentation' => $presentation,
                    'board' => $board,
                    'speed' => 1.0,
                    'lines' => $spread['lines'],
                ],
                200,
            )->json('line');
        };
        $was = array_column($spread['lines'], null, 'holder_id')[$this->holder('P3')];
        $core = $rig('core', 'P3');
        self::assertSame(
            [$was['lure_id'], $was['leader_length']],
            [$core['lure_id'], $core['leader_length']],
            'lure and leader stay on the rod',
        );

        $aboard = array_column($spread['lines'], null, 'holder_id')[$this->holder('P1')];
        $other = $rig('three_way', 'P1', 'in-line');
        self::assertEquals(
            [$aboard['board_id'], $aboard['board_out']], [$other['board_id'], $other['board_out']], 'the board stays where it is',
        );

        $stacked = $rig('stacker', 'P4');
        self::assertSame($this->holder('P5'), $stacked['rides_on'], 'the cable of its own side');
        $spread['lines'] = [
            ...array_values(array_filter($spread['lines'], fn (array $line): bool => $line['holder_id'] !== $this->holder('P4'))),
            $stacked,
        ];
        self::assertGreaterThan($stacked['above'] + 1.0, $rig('stacker', 'P3')['above'], 'over the release that is there');

        $spread['lines'] = [$rig('flat', 'P1', 'mast')];
        $second = $rig('flat', 'P2', 'mast');
        self::assertSame($spread['lines'][0]['board_out'], $second['board_out'], 'on the tow line that is out');
        self::assertLessThan($spread['lines'][0]['clip_out'], $second['clip_out']);
        $this->send('PUT', '/boat/books/rigging', ['own' => ['board_out' => 120]], 200);
        $spread['lines'] = [];
        self::assertEqualsWithDelta(120 * 0.3048, $rig('flat', 'P1', 'in-line')['board_out'], 1e-9, 'as this boat runs them');

        $reels = array_column($this->locker['reels'], 'id', 'name');
        $spread['lines'] = [
            ['colours' => 8.0, 'backing' => 10.0, 'reel_id' => $reels['Core 27 lb, 8 colours']] + $rig('core', 'C1'),
        ];
        $short = $rig('core', 'C1', 'none', ['reel_id' => $reels['Core 27 lb, 4 colours']]);
        self::assertEquals([4.0, 10.0], [$short['colours'], $short['backing']], 'no more core than the reel holds');
        self::assertEquals(
            0.0,
            $rig('core', 'C1', 'none', ['reel_id' => $reels['Core 18 lb, 10 colours']])['backing'],
            'with core on the reel no backing is out',
        );
        $this->assertRefusedAt(
            ['/presentation'],
            'POST',
            '/spreads/{next}/rig',
            ['holder_id' => $this->holder('P4'), 'presentation' => 'stacker', 'board' => 'none', 'speed' => 1.0, 'lines' => []],
        );
        $this->assertRefusedAt(
            ['/presentation'],
            'POST',
            '/spreads/{next}/rig',
            ['holder_id' => $this->holder('P4'), 'presentation' => 'kite', 'board' => 'none', 'speed' => 1.0, 'lines' => []],
        );
    }

    public function test_the_catalogue_is_answered_anew_only_when_it_has_changed(): void
    {
        $first = $this->send('GET', '/catalogue', expect: 200);
        $again = $this->getJson('/api/catalogue', ['If-None-Match' => (string) $first->headers->get('ETag')]);

        self::assertSame([304, ''], [$again->getStatusCode(), (string) $again->getContent()]);
        self::assertNotSame([], $this->catalogue['diver']['parts']);
    }

    /** @return array<string, mixed> a line of a kind as the server begins it in the demo's spread, on a leader of its own */
    private function line(string $presentation, string $holder, string $board = 'none'): array
    {
        $lines = array_values(
            array_filter($this->demoSpread()['lines'], fn (array $line): bool => $line['holder_id'] !== $this->holder($holder)),
        );

        return ['leader_length' => 1.5] + $this->send(
            'POST',
            '/spreads/{next}/rig',
            [
                'holder_id' => $this->holder($holder),
                'presentation' => $presentation,
                'board' => $board,
                'speed' => 1.0,
                'lines' => $lines,
            ],
            200,
        )->json('line');
    }
}
