<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Drafting\Drafter;
use Admek\Core\Spread\Drafting\DraftTask;
use Admek\Core\Spread\Drafting\LeftOut;
use Admek\Core\Spread\Drafting\Option;
use Admek\Core\Spread\Drafting\Pattern;
use Admek\Core\Spread\Drafting\WantedWater;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\GearAboard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\DraftTasks;

/** Drafts for small boats against every spread there is. */
final class DraftByExhaustionTest extends TestCase
{
    use DraftTasks;

    /** @return iterable<string, array{list<string>, list<array{float, float, float}>}> */
    public static function smallBoats(): iterable
    {
        yield 'two riggers, one band' => [['P5', 'S5'], [[40, 64, 1.0]]];
        yield 'two divers and a rigger' => [['P3', 'P5', 'S3'], [[46, 70, 1.0]]];
        yield 'two bands' => [['P3', 'P5', 'S5'], [[30, 42, 1.0], [80, 96, 1.0]]];
        yield 'a shallow band for board and core' => [['P1', 'C1', 'S5'], [[8, 30, 1.0]]];
    }

    /**
     * @param  list<string>  $holders
     * @param  list<array{float, float, float}>  $bands
     */
    #[DataProvider('smallBoats')]
    public function test_on_small_boats_it_covers_as_much_as_exhaustive_search(array $holders, array $bands): void
    {
        $task = $this->task($holders, $bands, 130);
        $draft = (new Drafter)->draft($task);
        $best = $this->exhaustive($task);

        self::assertSame([], $draft->grave($task));
        self::assertCount(count($holders), $draft->lines);
        self::assertGreaterThan(0.3, $best);
        self::assertGreaterThanOrEqual($best - 0.04, $draft->covered, sprintf('the best there is covers %.3f', $best));
    }

    public function test_without_gear_or_weight_it_says_what_is_missing(): void
    {
        $this->expectException(InvalidValue::class);
        $this->expectExceptionMessage('bands must be a list in which a band has some weight');
        $this->task(['P5'], [[40, 60, 0.0]], 100);
    }

    public function test_a_rod_nothing_aboard_suits_stays_empty(): void
    {
        $task = $this->task(['P5', 'P3'], [[40, 60, 1.0]], 100);
        $draft = (new Drafter)->draft(
            new DraftTask(
                $task->bands,
                $task->holders,
                new GearAboard($task->gear->reels, $task->gear->lures, divers: $task->gear->divers),
                $task->conditions,
                $task->limits,
                9,
            ),
        );

        self::assertSame(['P5' => LeftOut::Gear], $draft->leftOut);
        self::assertSame('P3', $draft->lines[0]->line->holder->code);
    }

    /** The most that any rigging and depths (a grid of 2 ft) of the same holders cover without a grave breach. */
    private function exhaustive(DraftTask $task): float
    {
        $solver = new SpreadSolver;
        $pattern = new Pattern($task, $solver);
        $best = 0.0;
        for ($boards = $pattern->leastBoards(); $boards <= $pattern->mostBoards(); $boards++) {
            $choices = [];
            foreach ($pattern->options($boards) as $ways) {
                $choices[] = $this->choices($ways, $task, $solver);
            }
            $best = max($best, $this->bestOf($choices, $task, $best));
        }

        return $best;
    }

    /**
     * @param  non-empty-list<Option>  $ways
     * @return list<RunningLine>
     */
    private function choices(array $ways, DraftTask $task, SpreadSolver $solver): array
    {
        $running = [];
        // A stacked release only adds to what these cover alone.
        foreach (array_filter($ways, static fn (Option $way): bool => $way->rides === null) as $way) {
            $planned = SpreadPlan::of([$way->line], $task->mast)->lines[0];
            foreach ($task->bands as $band) {
                for ($depth = $band->top - 4 * self::FOOT; $depth < $band->bottom + self::FOOT; $depth += 2 * self::FOOT) {
                    $reach = $depth > 0.5 ? $solver->reach($planned, $task->conditions, $depth) : null;
                    if ($reach?->reached === true) {
                        $running[] = $solver->run($planned->withControl($reach->control), $task->conditions);
                    }
                }
            }
        }

        return $running;
    }

    /** @param  list<list<RunningLine>>  $choices */
    private function bestOf(array $choices, DraftTask $task, float $least): float
    {
        $combined = [[]];
        foreach ($choices as $lines) {
            $next = [];
            foreach ($combined as $so) {
                foreach ($lines as $line) {
                    $next[] = [...$so, $line];
                }
            }
            $combined = $next === [] ? $combined : $next;
        }
        $best = $least;
        foreach ($combined as $lines) {
            $water = new WantedWater($task->bands);
            foreach ($lines as $line) {
                $water->put($line->depth());
            }
            if (
                $water->covered() > $best + 1e-9
                && array_filter(Breaches::of($lines, $task->limits), static fn ($b): bool => $b->kind->isGrave()) === []
            ) {
                $best = $water->covered();
            }
        }

        return $best;
    }
}
