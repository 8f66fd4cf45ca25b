<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Spread\Drafting\DraftedLine;
use Admek\Core\Spread\Drafting\Drafter;
use Admek\Core\Spread\Drafting\DraftTask;
use Admek\Core\Spread\Drafting\LeftOut;
use Admek\Core\Spread\Drafting\Role;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\DraftTasks;
use Tests\Core\Spread\Support\Lines;

final class DraftTest extends TestCase
{
    use DraftTasks;

    public function test_a_whole_boat_covers_its_bands_without_a_breach_by_every_rule(): void
    {
        $holders = ['P1', 'P2', 'P3', 'P5', 'C1', 'S5', 'S3', 'S2', 'S1'];
        $task = $this->task($holders, [[46, 74, 2.0], [92, 110, 1.0]], 118);
        $draft = (new Drafter)->draft($task);

        self::assertSame([], $draft->grave($task));
        self::assertGreaterThan(0.9, $draft->covered);
        self::assertCount(count($holders), $draft->lines, 'every holder that may be used is');
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

    public function test_no_piece_is_on_more_rods_than_there_are_of_it_and_the_reason_for_a_rod_left_in_is_true(): void
    {
        $holders = ['P1', 'P2', 'P3', 'P4', 'P5', 'S1', 'S2', 'S3', 'S4', 'S5'];
        $counts = [
            'reel' => ['braid' => 2, 'nylon' => 3], 'ball' => ['12 lb' => 1], 'diver' => ['large' => 2],
            'board' => ['large' => 2],
            'lure' => [],
        ];
        $draft = (new Drafter)->draft($this->task($holders, [[30, 70, 1.0]], 120, gear: [
            'reel' => [
                ['name' => 'braid', 'material' => 'braid', 'test' => 30, 'count' => 2],
                ['name' => 'nylon', 'material' => 'nylon', 'test' => 20, 'count' => 3],
            ],
            'ball' => [['name' => '12 lb', 'mass' => 5.443, 'count' => 1]],
            'diver' => [['name' => 'large', 'size' => 'large', 'ringed' => false, 'count' => 2]],
            'board' => [['name' => 'large', 'size' => 'large', 'count' => 2]],
        ]));
        self::assertCount(5, $draft->lines, 'a rod for every reel');
        foreach ($draft->lines as $drafted) {
            foreach (array_keys($counts) as $piece) {
                $name = $drafted->line->{$piece}?->name;
                if ($name !== null && isset($counts[$piece][$name])) {
                    self::assertGreaterThanOrEqual(0, --$counts[$piece][$name], "{$piece} {$name}");
                }
            }
        }
        self::assertCount(5, $draft->leftOut);
        self::assertSame([LeftOut::Taken], array_values(array_unique($draft->leftOut, SORT_REGULAR)), 'no limit is reached');
    }

    public function test_core_is_run_on_a_whole_colour_or_not_at_all_and_leaders_are_what_the_water_asks(): void
    {
        $task = $this->task(['P1', 'P2', 'S1', 'S2'], [[2, 8, 1.0]], 120);
        $task = new DraftTask(
            $task->bands, $task->holders, $task->gear, $task->conditions, $task->limits, 16, leader: 2.5 * Lines::FOOT,
        );
        foreach ((new Drafter)->draft($task)->lines as $drafted) {
            self::assertGreaterThanOrEqual(1.0, $drafted->line->figure(LineFigure::Colours) ?? 1.0);
            self::assertEqualsWithDelta(2.5 * Lines::FOOT, $drafted->line->figure(LineFigure::LeaderLength), 1e-9);
        }
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
}
