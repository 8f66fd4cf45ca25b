<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Spread\Check\BreachKind;
use Admek\Core\Spread\Check\BreachWords;
use Admek\Core\Spread\Check\Spooled;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Cure\Cures;
use Admek\Core\Spread\Drafting\Drafter;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Units\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\DraftTasks;
use Tests\Core\Spread\Support\Lines;

/** What a reel holds, and lines that would take more. */
final class SpooledTest extends TestCase
{
    use DraftTasks;

    /**
     * @param  array<string, mixed>  $change
     * @param  float  $off  m that are off the reel
     */
    #[DataProvider('lines')]
    public function test_what_is_off_the_reel(string $presentation, array $change, float $off): void
    {
        $line = Lines::line('P4', $presentation, $change);
        self::assertEqualsWithDelta($off, Lines::described($line)->offReel(), 1e-9);
        $told = static fn (?float $length): array => Spooled::among([
            Lines::described(['reel' => ['line_length' => $length] + $line['reel']] + $line),
        ]);
        self::assertSame([[], []], [$told(null), $told(max(5.0, $off))]);
        if ($off > 5.0) {
            $breach = $told($off - 0.1)[0];
            self::assertSame([BreachKind::Spooled, ['P4']], [$breach->kind, $breach->holders]);
            self::assertEqualsWithDelta([$off, $off - 0.1], [$breach->amount, $breach->wanted], 1e-9);
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, float}> */
    public static function lines(): iterable
    {
        $board = ['board' => ['size' => 'large'], 'board_out' => 40.0];
        yield 'flat' => ['flat', ['let_out' => 30.0], 30.0];
        yield 'behind a board: to the board and on to the lure' => ['flat', ['let_out' => 30.0] + $board, 70.0];
        yield 'behind a mast board: to the clip on its tow line' => [
            'flat', ['let_out' => 30.0, 'clip_out' => 25.0, 'board' => ['size' => 'mast']] + $board, 55.0,
        ];
        yield 'rigger: down with the ball and back to the lure' => ['rigger', ['let_out' => 20.0, 'lead' => 6.0], 26.0];
        yield 'core: its backing' => ['core', ['colours' => 5.0, 'backing' => 12.0], 12.0];
        yield 'core behind a board' => ['core', ['colours' => 5.0, 'backing' => 12.0] + $board, 52.0];
        yield 'bouncer' => ['bouncer', ['let_out' => 14.0], 14.0];
    }

    public function test_the_cure_lets_out_what_the_reel_has(): void
    {
        $line = Lines::line('P4', 'flat', ['let_out' => 100 * self::FOOT]);
        $plan = Lines::plan([['reel' => ['line_length' => 82 * self::FOOT] + $line['reel']] + $line]);
        $conditions = new Conditions(2.0 * Lines::MPH);
        $breach = Spooled::among($plan->described)[0];
        self::assertSame(
            'P4 is to have 100 ft of line out; its reel holds 82 ft.', BreachWords::reason($breach)->in(Units::Us),
        );
        $running = (new SpreadSolver)->all($plan->lines, $conditions);
        $cure = (new Cures($plan, $running, $conditions, new SpreadLimits))->of($breach);
        self::assertEqualsWithDelta(82 * self::FOOT, $cure?->value, 1e-6);
    }

    public function test_a_draft_lets_out_no_more_than_a_reel_holds(): void
    {
        $reels = static fn (?float $length): array => ['reel' => [
            ['name' => 'nylon', 'material' => 'nylon', 'test' => 20, 'line_length' => $length],
        ]];
        $bands = [[4.0, 20.0, 1.0]];
        $draft = static fn (array $gear, self $test): array => (new Drafter)->draft(
            $test->task(['P1', 'P2', 'C1', 'S2', 'S1'], $bands, 120.0, gear: $gear),
        )->lines;
        $most = 0.0;
        foreach ($draft($reels(null), $this) as $line) {
            $most = max($most, $line->line->offReel());
        }
        self::assertGreaterThan(60.0, $most, 'with a full reel it lets out more');
        foreach ($draft($reels(60.0), $this) as $line) {
            self::assertLessThanOrEqual(60.0 + 0.5 * self::FOOT, $line->line->offReel(), $line->line->holder->code);
            self::assertSame(Presentation::Flat, $line->line->presentation);
        }
    }
}
