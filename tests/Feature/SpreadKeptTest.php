<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Files\TowCase;
use Admek\Core\Files\TowResult;
use App\Models\Spread;
use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Support\DemoSpread;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Support\DemoRows;

/** A spread as it is kept: saved, refused, read by another device, told on the card. */
final class SpreadKeptTest extends FeatureTestCase
{
    use DemoSpread;

    public function test_a_flasher_is_kept_and_felt(): void
    {
        $spread = $this->demoSpread();
        $plain = array_column($this->preview()['lines'], null, 'holder')['P5'];
        $spread['lines'][4]['attractor'] = 'large_flasher';
        self::assertSame('large_flasher', $this->send('PUT', '/spreads/{next}', $spread, 200)->json('lines.4.attractor'));
        $flashing = array_column($this->preview()['lines'], null, 'holder')['P5'];

        self::assertGreaterThan($plain['ball']['blow_back'] + 0.2, $flashing['ball']['blow_back']);
        self::assertLessThan($plain['depth'], $flashing['depth']);
    }

    public function test_a_saved_spread_is_read_back_and_its_version_rises(): void
    {
        $spread = $this->demoSpread();
        $spread['speed'] = 1.1;
        $spread['lines'][2]['let_out'] = 40.0;
        array_pop($spread['lines']);
        $saved = $this->send('PUT', '/spreads/{next}', $spread, 200)->json();

        self::assertSame(2, $saved['version']);
        self::assertSame(1.1, $saved['speed']);
        self::assertEquals($spread['lines'], $saved['lines']);
        self::assertSame($saved, array_diff_key($this->demoSpread(), ['water' => true, 'boat' => true]));
    }

    public function test_two_devices_editing_one_spread_get_a_conflict_and_nothing_is_overwritten(): void
    {
        $mine = $this->demoSpread();
        $theirs = $mine;
        $theirs['lines'][0]['let_out'] = 20.0;
        $this->send('PUT', '/spreads/{next}', $theirs, 200);
        $mine['lines'][0]['let_out'] = 35.0;
        $answer = $this->send('PUT', '/spreads/{next}', $mine, 409);

        self::assertSame(2, $answer->json('current_version'));
        self::assertEquals(20.0, $this->demoSpread()['lines'][0]['let_out']);
        self::assertSame(3, $this->send('PUT', '/spreads/{next}', ['version' => 2] + $mine, 200)->json('version'));
    }

    public function test_a_save_that_fails_half_way_leaves_the_spread_whole(): void
    {
        $before = $this->demoSpread();
        $lines = $before['lines'];
        $lines[11]['holder_id'] = $lines[10]['holder_id'];
        $spread = Spread::query()->findOrFail(DemoRows::spread('next', $this->database));
        try {
            $spread->saveAgainst(1, 1.2, $lines);
            self::fail('Two lines in one holder were kept.');
        } catch (\Illuminate\Database\UniqueConstraintViolationException) {
            self::assertSame($before, $this->demoSpread());
        }
    }

    public function test_the_downloaded_case_gives_every_depth_on_the_screen(): void
    {
        $download = $this->send('GET', '/spreads/{next}/tow-case', expect: 200);
        self::assertStringContainsString('spread-2.tow.json', (string) $download->headers->get('Content-Disposition'));
        $solved = array_column(TowResult::of(TowCase::ofJson($download->json()))['lines'], null, 'id');

        foreach ($this->preview()['lines'] as $line) {
            self::assertEqualsWithDelta(
                $line['depth'], ((array) $solved[$line['holder']]['bodies'])['lure'][2], 1e-3, $line['holder'],
            );
        }
    }

    public function test_the_deck_card_is_in_setting_order_with_three_speeds(): void
    {
        $card = $this->send('GET', '/spreads/{next}/deck-card', expect: 200)->json();

        self::assertSame(
            ['P1', 'S1', 'P2', 'S2', 'C2', 'C1', 'P3', 'S3', 'P4', 'S4', 'P5', 'S5'],
            array_map(static fn (array $row): string => $row['running']['holder'], $card['rows']),
        );
        self::assertEqualsWithDelta(
            [2.0, 2.3, 2.6], array_map(static fn (float $s): float => $s / 0.44704, $card['speeds']), 1e-6,
        );
    }

    /** @return iterable<string, array{string, mixed, string}> */
    public static function unusable(): iterable
    {
        yield 'absurd let-out' => ['lines.0.let_out', 1e9, '/lines/0/let_out'];
        yield 'negative let-out' => ['lines.2.let_out', -1, '/lines/2/let_out'];
        yield 'let-out as text' => ['lines.2.let_out', '40', '/lines/2/let_out'];
        yield 'let-out empty' => ['lines.2.let_out', '', '/lines/2/let_out'];
        yield 'let-out missing' => ['lines.2.let_out', null, '/lines/2/let_out'];
        yield 'unicode' => ['lines.2.let_out', '４０', '/lines/2/let_out'];
        yield 'dial off the scale' => ['lines.2.dial', 11, '/lines/2/dial'];
        yield 'more colours than the reel holds' => ['lines.1.colours', 5, '/lines/1/colours'];
        yield 'unknown lure' => ['lines.1.lure_id', 9999, '/lines/1/lure_id'];
        yield 'unknown reel' => ['lines.1.reel_id', 9999, '/lines/1/reel_id'];
        yield 'unknown ball' => ['lines.4.ball_id', null, '/lines/4/ball_id'];
        yield 'unknown diver' => ['lines.2.diver_id', 0, '/lines/2/diver_id'];
        yield 'unknown board' => ['lines.0.board_id', 77, '/lines/0/board_id'];
        yield 'unknown holder' => ['lines.0.holder_id', 77, '/lines/0/holder_id'];
        yield 'two lines in a holder' => ['lines.1.holder_id', 1, '/lines/1/holder_id'];
        yield 'a rigger without a boom' => ['lines.4.holder_id', 99, '/lines/4/holder_id'];
        yield 'unknown presentation' => ['lines.3.presentation', 'kite', '/lines/3/presentation'];
        yield 'board line shorter than the tip is high' => ['lines.0.board_out', 1.0, '/lines/0/board_out'];
        yield 'a leader longer than the line' => ['lines.0.leader_length', 29.0, '/lines/0/let_out'];
        yield 'a leader nobody sells' => ['lines.0.leader_test', 13, '/lines/0/test'];
        yield 'an unknown attractor' => ['lines.4.attractor', 'disco ball', '/lines/4/attractor'];
        yield 'a flasher without a leader' => [
            'lines.5',
            static fn (array $line): array => ['attractor' => 'dodger', 'leader_length' => null] + $line,
            '/lines/5/leader_length',
        ];
        yield 'standing still' => ['speed', 0, '/speed'];
        yield 'a speedboat' => ['speed', 40, '/speed'];
        yield 'a figure nobody knows' => ['lines.0.colour', 'red', '/lines/0/colour'];
        yield 'lines as an object' => ['lines', ['a' => 1], '/lines'];
    }

    #[DataProvider('unusable')]
    public function test_what_is_not_usable_is_refused_at_its_field_by_preview_and_save(
        string $path, mixed $value, string $pointer,
    ): void {
        $spread = $this->demoSpread();
        data_set($spread, $path, $value instanceof Closure ? $value(data_get($spread, $path)) : $value);
        foreach ([['POST', '/spreads/{next}/preview'], ['PUT', '/spreads/{next}']] as [$method, $url]) {
            $response = $this->send($method, $url, $spread, 422);
            self::assertContains($pointer, array_column($response->json('errors'), 'pointer'), (string) $response->getContent());
        }
        self::assertSame(1, $this->demoSpread()['version']);
    }

    public function test_a_range_is_told_as_numbers_for_the_page_to_say_in_the_captains_units(): void
    {
        $spread = $this->demoSpread();
        $spread['lines'][2]['let_out'] = 9999;
        self::assertEquals(
            [['pointer' => '/lines/2/let_out', 'detail' => 'Must be a number from 2 to 120 m.', 'least' => 2, 'most' => 120]],
            $this->send('PUT', '/spreads/{next}', $spread, 422)->json('errors'),
        );
        $errors = $this->send(
            'POST', '/spreads/{next}/preview', ['what_if' => ['speed' => 100]] + $this->demoSpread(), 422,
        )->json('errors');
        self::assertEquals([0.04, 4.5], [$errors[0]['least'], $errors[0]['most']]);
    }

    public function test_what_if_is_held_to_its_ranges_too(): void
    {
        $spread = $this->demoSpread();
        $this->assertRefusedAt(['/what_if/speed'], 'POST', '/spreads/{next}/preview', ['what_if' => ['speed' => 100]] + $spread);
        $this->assertRefusedAt(
            ['/what_if/turn/radius', '/what_if/turn/side'],
            'POST',
            '/spreads/{next}/preview',
            ['what_if' => ['turn' => ['radius' => 0, 'side' => 'up']]] + $spread,
        );
        $this->assertRefusedAt(
            ['/depth'], 'POST', '/spreads/{next}/reach', ['depth' => 1e6, 'holder_ids' => [$this->holder('P1')]] + $spread,
        );
        $spread['lines'][2]['dial'] = 9;
        $this->assertRefusedAt(
            ['/lines/2/dial'], 'POST', '/spreads/{next}/reach', ['depth' => 10, 'holder_ids' => [$this->holder('P1')]] + $spread,
        );
    }

    public function test_unknown_spreads_are_not_found(): void
    {
        $spread = $this->demoSpread();
        $this->send('GET', '/spreads/99', expect: 404);
        $this->send('PUT', '/spreads/99', $spread, 404);
        $this->send('POST', '/spreads/99/preview', $spread, 404);
        $this->send('GET', '/spreads/99/deck-card', expect: 404);
    }
}
