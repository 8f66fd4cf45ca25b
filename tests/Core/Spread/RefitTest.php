<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Spread\Check\Refit;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\HolderKind;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

/** What is said of a spread when the boat under it is changed. */
final class RefitTest extends TestCase
{
    private const LINES = [
        ['P1', 'flat'], ['P3', 'diver'], ['P5', 'rigger'], ['S5', 'rigger'], ['S3', 'diver'], ['S4', 'stacker'],
    ];

    public function test_a_boat_that_stays_as_she_is_changes_nothing_and_a_name_alone_is_no_change(): void
    {
        self::assertTrue($this->refit([])->isSlight());
        $renamed = $this->refit(['P5' => ['code' => 'A9'], 'S3' => ['code' => 'B1']]);
        self::assertTrue($renamed->isSlight());
        $riding = array_values(array_filter(
            $renamed->lines, static fn (DescribedLine $line): bool => $line->ridesOn !== null,
        ));
        self::assertSame(['A9'], array_map(static fn (DescribedLine $line): ?string => $line->ridesOn, $riding));
    }

    public function test_what_is_taken_out_takes_its_line_and_what_rode_on_it(): void
    {
        $refit = $this->refit(['P5' => null]);
        self::assertSame([
            'P5' => 'P5 is taken out, and its line with it.', 'S4' => 'S4 rode on P5, which is taken out: its line goes.',
        ], self::said($refit->gone));
        self::assertCount(4, $refit->lines);
        self::assertSame([], $refit->changes);
    }

    public function test_a_boom_made_a_rod_holder_cannot_run_a_ball(): void
    {
        $gone = self::said($this->refit(['S5' => ['kind' => HolderKind::Rod]])->gone);
        self::assertSame(['S5'], array_keys($gone));
        self::assertStringStartsWith('S5 cannot be rigged so any more: ', $gone['S5']);
    }

    public function test_a_counter_found_to_err_is_told_by_what_it_is_let_out_to(): void
    {
        $said = self::said($this->refit(['P5' => ['counterFactor' => 1.1]])->changes);
        self::assertCount(1, $said);
        self::assertStringStartsWith('P5: its counter is let out to ', $said[0]);
        preg_match_all('/(\d+) ft/', $said[0], $feet);
        self::assertCount(2, $feet[1]);
        self::assertEqualsWithDelta(1.1, (float) $feet[1][0] / (float) $feet[1][1], 0.01);
    }

    public function test_a_tip_raised_is_told_by_the_depth_it_costs(): void
    {
        $refit = $this->refit(['P3' => ['height' => 6.0]]);
        self::assertSame([], $refit->gone);
        self::assertMatchesRegularExpression(
            '/^P3 runs at \d+ ft instead of \d+ ft\.$/', implode('|', self::said($refit->changes)),
        );
    }

    public function test_tips_brought_together_are_a_new_tangle(): void
    {
        $said = implode(' ', self::said($this->refit(['P5' => ['starboard' => 1.5]])->changes));
        self::assertStringContainsString('New to look at: Tangle', $said);
    }

    public function test_every_line_may_go(): void
    {
        $refit = $this->refit(array_fill_keys(['P1', 'P3', 'P5', 'S5', 'S3', 'S4'], null));
        self::assertSame([[], 6, []], [$refit->lines, count($refit->gone), $refit->changes]);
    }

    /** @param  array<string, ?array<string, mixed>>  $changed  of a holder by its code; null for one taken out */
    private function refit(array $changed): Refit
    {
        $plan = Lines::plan(array_map(static fn (array $line): array => Lines::line(...$line), self::LINES));
        $holders = [];
        foreach ($plan->described as $line) {
            $is = get_object_vars($line->holder);
            $holders[$line->holder->code] = array_key_exists($line->holder->code, $changed)
                ? ($changed[$line->holder->code] === null ? null : new DescribedHolder(...$changed[$line->holder->code] + $is))
                : $line->holder;
        }

        return Refit::of($plan, $holders, [0.0, 0.0, -3.0], new Conditions(1.03), new SpreadLimits);
    }

    /**
     * @param  array<array-key, Sentence>  $sentences
     * @return array<array-key, string>
     */
    private static function said(array $sentences): array
    {
        return array_map(static fn (Sentence $sentence): string => $sentence->in(Units::Us), $sentences);
    }
}
