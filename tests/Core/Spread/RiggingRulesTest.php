<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Card\DeckCard;
use Admek\Core\Spread\Check\BottomFishing;
use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Check\BreachKind;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Drafting\DraftedLine;
use Admek\Core\Spread\Drafting\Drafter;
use Admek\Core\Spread\Drafting\DraftTask;
use Admek\Core\Spread\Drafting\Role;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\FreshLine;
use Admek\Core\Spread\Plan\RiggingRules;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\BoardUse;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\LineFigure;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\DraftTasks;
use Tests\Core\Spread\Support\Lines;

/** A line is begun, and a spread drafted, with the boat's own figures. */
final class RiggingRulesTest extends TestCase
{
    use DraftTasks;

    public function test_boards_and_clips_are_begun_where_the_boat_runs_them(): void
    {
        $own = $this->rules(
            ['board_out' => 40.0, 'mast_out' => 60.0, 'clip_out' => 50.0, 'clips_apart' => 12.0, 'nearest_clip' => 30.0],
        );
        $task = $this->task(['P1', 'P2', 'P3'], [[10, 30, 1.0]], 60, gear: [
            'board' => [['name' => 'mast', 'size' => 'mast'], ['name' => 'large', 'size' => 'large']],
        ]);
        $board = static fn (RiggingRules $rules): ?float => self::begun($task, 0, [], BoardUse::Inline, $rules)->figure(
            LineFigure::BoardOut,
        );
        self::assertSame([40.0, 100 * Lines::FOOT], [$board($own), $board(new RiggingRules)]);
        $lines = [];
        foreach ([50.0, 38.0, 30.0] as $rod => $clip) {
            $lines[] = $line = self::begun($task, $rod, $lines, BoardUse::Mast, $own);
            self::assertSame([60.0, $clip], [$line->figure(LineFigure::BoardOut), $line->figure(LineFigure::ClipOut)]);
        }
    }

    public function test_a_draft_stacks_no_more_than_the_crew_clears_and_as_far_apart_as_it_says(): void
    {
        $task = $this->task(['P2', 'P3', 'P5'], [[110, 170, 1.0]], 200);
        $draft = fn (array $own): array => (new Drafter)->draft($this->with($task, $this->rules($own)))->lines;
        $stacked = static fn (array $lines): array => array_values(
            array_filter($lines, static fn (DraftedLine $line): bool => $line->role === Role::StackedRelease),
        );

        self::assertNotSame([], $stacked($draft([])));
        self::assertSame([], $stacked($draft(['stacked' => 0.0])));
        $apart = $stacked($draft(['releases_apart' => 12.0, 'stacked_lead' => 9.0]));
        self::assertNotSame([], $apart);
        foreach ($apart as $line) {
            self::assertGreaterThan(11.9, $line->line->figure(LineFigure::Above));
            self::assertSame(9.0, $line->line->figure(LineFigure::Lead));
        }
        $leads = static fn (array $lines): array => array_map(
            static fn (DraftedLine $line): ?float => $line->line->figure(LineFigure::Lead), $lines,
        );
        self::assertContains(11.0, $leads($draft(['deep_lead' => 11.0])));
        $shallow = $draft(['shallow' => 60.0, 'shallow_lead' => 33.0]);
        self::assertContains(33.0, $leads($shallow), 'all this water is shallow to her');
    }

    public function test_a_boat_that_wanders_more_wants_more_weight_and_a_wider_card(): void
    {
        $conditions = new Conditions(0.6);
        $limits = static fn (array $own): SpreadLimits => new SpreadLimits(book: RuleBook::of(SpreadLimits::rules(), $own));
        $lines = Lines::planned([Lines::line('P4', 'bouncer')]);
        $lightest = static fn (array $own): ?float => BottomFishing::of(
            (new SpreadSolver)->run($lines[0], $conditions), $conditions, $limits($own),
        )?->lightest;

        self::assertGreaterThan($lightest([]), $lightest(['wander' => 0.4]));
        self::assertEqualsWithDelta(
            [0.2, 0.6, 1.0], DeckCard::of($lines, $conditions, limits: $limits(['wander' => 0.4]))->speeds, 1e-9,
        );
    }

    public function test_how_near_the_rods_a_tangle_is_looked_for_is_the_captain_s_to_say(): void
    {
        $line = static fn (string $rod, float $starboard): array => Lines::line($rod, 'flat', [
            'let_out' => 12.0, 'holder' => ['starboard' => $starboard] + Lines::line($rod, 'flat')['holder'],
        ]);
        $running = (new SpreadSolver)->all(Lines::planned([$line('P3', -1.0), $line('P4', -3.0)]), new Conditions(1.03));
        $tangles = static fn (float $near): int => count(array_filter(
            Breaches::of(
                $running, new SpreadLimits(book: RuleBook::of(SpreadLimits::rules(), ['near_rods' => $near, 'tangle' => 2.1])),
            ),
            static fn (Breach $breach): bool => $breach->kind === BreachKind::Tangle,
        ));

        self::assertSame([1, 0], [$tangles(0.0), $tangles(20.0)]);
    }

    /** @param  list<DescribedLine>  $lines */
    private static function begun(DraftTask $task, int $rod, array $lines, BoardUse $use, RiggingRules $rules): DescribedLine
    {
        return (new FreshLine($task->gear, $lines, $rules))->in($task->holders[$rod], Presentation::Flat, $use);
    }

    /** @param  array<string, float>  $own */
    private function rules(array $own): RiggingRules
    {
        return new RiggingRules(RuleBook::of(RiggingRules::rules(), $own));
    }

    private function with(DraftTask $task, RiggingRules $rules): DraftTask
    {
        return new DraftTask(
            $task->bands, $task->holders, $task->gear, $task->conditions, $task->limits, $task->mostLines, $task->mast,
            $task->metric, $rules,
        );
    }
}
