<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Fish\Species;
use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Drafting\DraftBand;
use Admek\Core\Spread\Drafting\DraftedLine;
use Admek\Core\Spread\Drafting\Drafter;
use Admek\Core\Spread\Drafting\DraftTask;
use Admek\Core\Spread\Drafting\LeftOut;
use Admek\Core\Spread\Drafting\Option;
use Admek\Core\Spread\Drafting\Pattern;
use Admek\Core\Spread\Drafting\Role;
use Admek\Core\Spread\Drafting\Water;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\GearAboard;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Units\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

final class DraftTest extends TestCase
{
    private const FOOT = Lines::FOOT;

    private const RAIL = [
        'P1' => ['port', 'rod', -3.6, -2.3, 3.0], 'P2' => ['port', 'rod', -2.4, -2.4, 2.6],
        'P3' => ['port', 'rod', -1.2, -2.9, 1.2],
        'P5' => ['port', 'boom', 0.4, -1.7, 1.0], 'C1' => ['centre', 'rod', 0.3, 0.0, 2.4],
        'S5' => ['starboard', 'boom', 0.4, 1.7, 1.0],
        'S3' => ['starboard', 'rod', -1.2, 2.9, 1.2], 'S2' => ['starboard', 'rod', -2.4, 2.4, 2.6],
        'S1' => ['starboard', 'rod', -3.6, 2.3, 3.0],
    ];

    public function test_a_whole_boat_covers_its_bands_without_a_breach_by_every_rule(): void
    {
        $task = $this->task(array_keys(self::RAIL), [[46, 74, 2.0], [92, 110, 1.0]], 118);
        $draft = (new Drafter)->draft($task);

        self::assertSame([], $draft->grave($task));
        self::assertGreaterThan(0.9, $draft->covered);
        self::assertCount(9, $draft->lines, 'every holder that may be used is');
        self::assertSame([], $draft->leftOut);
        $lures = array_map(static fn (DraftedLine $line): string => $line->line->lure->name, $draft->lines);
        self::assertSame($lures, array_unique($lures), 'no lure twice while others lie in the box');
        foreach ($draft->lines as $i => $line) {
            self::assertEqualsWithDelta($draft->running[$i]->depth(), $line->depth, 1e-9);
            self::assertSame(
                $line->band === null, str_contains($line->reason()->in(Units::Us), 'as near the band as its gear comes'),
            );
            self::assertTrue(
                str_starts_with($line->reason()->in(Units::Us), $line->role->words()), $line->reason()->in(Units::Us),
            );
        }
    }

    public function test_where_divers_do_not_get_down_releases_are_stacked_on_the_riggers(): void
    {
        $task = $this->task(['P2', 'P3', 'P5', 'S5', 'S3', 'S2'], [[110, 170, 1.0]], 200);
        $draft = (new Drafter)->draft($task);
        $depths = array_combine(
            array_map(static fn (DraftedLine $line): string => $line->line->holder->code, $draft->lines),
            array_map(static fn (DraftedLine $line): float => $line->depth / self::FOOT, $draft->lines),
        );
        $stacked = array_values(
            array_filter($draft->lines, static fn (DraftedLine $line): bool => $line->role === Role::StackedRelease),
        );

        self::assertSame([], $draft->grave($task));
        self::assertGreaterThanOrEqual(2, count($stacked));
        foreach ($stacked as $line) {
            $host = (string) $line->line->ridesOn;
            self::assertGreaterThan(8.0, $depths[$host] - $line->depth / self::FOOT, 'it hangs above the release at the ball');
            self::assertSame($host[0], $line->line->holder->code[0], 'on the cable of its own side');
        }
        $without = $this->task(['P5', 'S5'], [[110, 170, 1.0]], 200);
        self::assertGreaterThan((new Drafter)->draft($without)->covered + 0.15, $draft->covered);
    }

    public function test_with_only_mast_boards_aboard_lines_are_clipped_to_their_tow_lines(): void
    {
        $task = $this->task(
            ['P1', 'P2', 'P3', 'C1', 'S3', 'S2', 'S1'],
            [[4, 30, 1.0]],
            60,
            gear: ['board' => [['name' => 'mast', 'size' => 'mast']], 'diver' => []],
        );
        $draft = (new Drafter)->draft($task);
        $clipped = array_values(
            array_filter($draft->lines, static fn (DraftedLine $line): bool => $line->line->figure(LineFigure::ClipOut) !== null),
        );

        self::assertSame([], $draft->grave($task));
        self::assertGreaterThanOrEqual(4, count($clipped));
        self::assertCount(
            1,
            array_unique(array_map(static fn (DraftedLine $line): ?float => $line->line->figure(LineFigure::BoardOut), $clipped)),
            'one tow line a side, of one length',
        );
        self::assertGreaterThan(0.8, $draft->covered);
    }

    public function test_it_is_the_same_each_time(): void
    {
        $task = $this->task(['P1', 'P3', 'P5', 'S5', 'S3'], [[30, 60, 1.0]], 100);

        self::assertEquals((new Drafter)->draft($task), (new Drafter)->draft($task));
    }

    public function test_the_entered_limit_is_held_and_what_stays_in_the_boat_is_said(): void
    {
        $draft = (new Drafter)->draft($this->task(['P1', 'P3', 'P5', 'C1', 'S5'], [[40, 70, 1.0]], 100, 3));

        self::assertCount(3, $draft->lines);
        self::assertSame([LeftOut::Limit], array_values(array_unique($draft->leftOut, SORT_REGULAR)));
        self::assertCount(2, $draft->leftOut);
    }

    public function test_weights_say_where_the_few_rods_go(): void
    {
        $at = function (float $upper, float $lower): array {
            $draft = (new Drafter)->draft(
                $this->task(['P5', 'S5'], [[30, 38, $upper], [70, 78, $lower], [100, 108, 0.5]], 150, 2),
            );

            return array_map(static fn (DraftedLine $line): ?float => $line->band?->top, $draft->lines);
        };

        self::assertEqualsCanonicalizing([30 * self::FOOT, 70 * self::FOOT], $at(2.0, 1.0));
        self::assertEqualsCanonicalizing([70 * self::FOOT, 100 * self::FOOT], $at(0.1, 1.0));
    }

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
            $water = new Water($task->bands);
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

    /**
     * @param  list<string>  $holders
     * @param  list<array{float, float, float}>  $bands  ft, ft, weight
     * @param  array<string, mixed>  $gear  in place of the usual
     */
    private function task(array $holders, array $bands, float $bottom, int $most = 16, array $gear = []): DraftTask
    {
        $lure = static fn (string $name, string $kind, ?float $dive = null): array => [
            'name' => $name, 'kind' => $kind, 'finish' => $name,
        ]
            + (
                $dive === null
                ? []
                : [
                    'rated' => [
                        'depth' => $dive * Lines::FOOT,
                        'lead' => 100 * Lines::FOOT,
                        'line_diameter' => 0.00035,
                        'speed' => 0.89408,
                    ],
                ]
            );
        $named = [];
        foreach ($bands as $i => [$top, $low]) {
            $named["band {$i}"] = [$top * self::FOOT, $low * self::FOOT];
        }

        return new DraftTask(
            array_map(
                static fn (array $band): DraftBand => new DraftBand(
                    Species::King, $band[0] * Lines::FOOT, $band[1] * Lines::FOOT, $band[2],
                ),
                $bands,
            ) ?: self::fail('a task has bands'),
            Lines::holders(
                array_map(
                    static fn (string $code): array => array_combine(
                        ['code', 'side', 'kind', 'aft', 'starboard', 'height'], [$code, ...self::RAIL[$code]],
                    ),
                    $holders,
                ),
            ),
            Lines::gear($gear + [
                'reel' => [
                    ['name' => 'braid', 'material' => 'braid', 'test' => 30],
                    ['name' => 'nylon', 'material' => 'nylon', 'test' => 20],
                    ['name' => 'core', 'material' => 'leadcore', 'test' => 27, 'colours' => 8.0],
                ],
                'ball' => [['name' => '12 lb', 'mass' => 5.443]],
                'diver' => [['name' => 'large', 'size' => 'large', 'ringed' => false]],
                'board' => [['name' => 'large', 'size' => 'large']],
                'lure' => [
                    ...array_map(static fn (int $i): array => $lure("spoon {$i}", 'medium_spoon'), range(1, 9)),
                    $lure('minnow 1', 'long_minnow', 9.0), $lure('minnow 2', 'long_minnow', 9.0),
                    $lure('plug', 'deep_plug', 15.0),
                ],
            ]),
            new Conditions(2.3 * Lines::MPH),
            new SpreadLimits($most, Bottom::flat($bottom * self::FOOT), $named),
            $most,
        );
    }
}
