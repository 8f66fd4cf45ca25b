<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Files\TowCase;
use Admek\Core\Files\TowCaseFile;
use Admek\Core\Files\TowResult;
use Admek\Core\Spread\Check\Tangles;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\Turn;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

final class TanglesTest extends TestCase
{
    private const SPEED = 2.3 * Lines::MPH;

    /** m about a rod tip in which rods stand closer than lines may run. */
    private const NEAR_RODS = 6.0;

    /** @return iterable<string, array{?Turn}> */
    public static function courses(): iterable
    {
        yield 'straight' => [null];
        yield 'round to port' => [new Turn(110.0, Side::Port)];
        yield 'tight to starboard' => [new Turn(60.0, Side::Starboard)];
    }

    #[DataProvider('courses')]
    public function test_every_pair_s_distance_is_that_of_brute_force_on_dense_curves(?Turn $turn): void
    {
        $running = (new SpreadSolver)->all($this->spread(), new Conditions(self::SPEED, $turn), withDoubt: false);
        $dense = array_map($this->dense(...), $running);
        $compared = 0;
        foreach ($running as $i => $line) {
            for ($j = $i + 1, $n = count($running); $j < $n; $j++) {
                $least = INF;
                foreach ($dense[$i] as $p) {
                    foreach ($dense[$j] as $q) {
                        $least = min($least, ($p[0] - $q[0]) ** 2 + ($p[1] - $q[1]) ** 2 + ($p[2] - $q[2]) ** 2);
                    }
                }
                $least = sqrt($least);
                $found = Tangles::about($line)->nearest(Tangles::about($running[$j]), 12.0);
                if ($least < 11.5) {
                    self::assertNotNull($found, "{$line->planned->holder} and {$running[$j]->planned->holder}");
                    // Samples stand 0.1 m apart on both curves and stop short of the rods by as much.
                    self::assertEqualsWithDelta(
                        $least, $found['distance'], 0.2, "{$line->planned->holder} and {$running[$j]->planned->holder}",
                    );
                    $compared++;
                } else {
                    self::assertTrue($found === null || $found['distance'] > 11.3);
                }
            }
        }
        self::assertGreaterThan(3, $compared);
    }

    public function test_what_hangs_together_is_no_tangle_but_its_leads_and_trailing_lines_may_be(): void
    {
        $stack = (new SpreadSolver)->all(
            Lines::planned([Lines::line('P5', 'rigger'), Lines::line('P4', 'stacker', ['above' => 4.0])]),
            new Conditions(self::SPEED),
        );
        self::assertSame([], Tangles::among($stack, 1.0), 'one cable, leads 4 m apart');
        $close = (new SpreadSolver)->all(
            Lines::planned(
                [
                    Lines::line('P5', 'rigger', ['lead' => 20.0]),
                    Lines::line(
                        'P4', 'stacker', ['above' => 0.5, 'lead' => 20.0, 'lure' => ['name' => 'plug', 'kind' => 'deep_plug']],
                    ),
                ],
            ),
            new Conditions(self::SPEED),
        );
        self::assertCount(1, Tangles::among($close, 1.0), 'a plug dives from its release through the lead below');

        $clip = static fn (string $code, float $out): array => Lines::line(
            $code, 'flat', ['board' => ['size' => 'mast'], 'board_out' => 45.0, 'clip_out' => $out],
        );
        $apart = (new SpreadSolver)->all(Lines::planned([$clip('P1', 40.0), $clip('P2', 30.0)]), new Conditions(self::SPEED));
        self::assertSame([], Tangles::among($apart, 3.0), 'they share the tow line and trail 8 m apart');
        $crowded = (new SpreadSolver)->all(Lines::planned([$clip('P1', 31.0), $clip('P2', 30.0)]), new Conditions(self::SPEED));
        self::assertCount(1, Tangles::among($crowded, 3.0));
    }

    public function test_a_spread_goes_out_as_a_tow_case_that_gives_every_depth(): void
    {
        $conditions = new Conditions(self::SPEED, new Turn(150.0, Side::Port));
        foreach ([new Conditions(self::SPEED), $conditions] as $at) {
            $lines = $this->spread();
            $case = TowCaseFile::of($at->water(), $at->turn, array_map(static fn ($line): TowLine => $line->towLine(), $lines));
            $solved = array_column(
                TowResult::of(TowCase::ofJson(json_decode((string) json_encode($case), true)))['lines'], null, 'id',
            );
            foreach ((new SpreadSolver)->all($lines, $at, withDoubt: false) as $line) {
                self::assertEqualsWithDelta(
                    $line->lure(), ((array) $solved[$line->planned->holder]['bodies'])['lure'], 5e-3, $line->planned->holder,
                );
            }
        }
    }

    /** @return list<\Admek\Core\Spread\Plan\PlannedLine> */
    private function spread(): array
    {
        return Lines::planned([
            Lines::line('P1', 'flat', ['board' => ['size' => 'large'], 'board_out' => 36.0]),
            Lines::line('P2', 'core', ['colours' => 3.0, 'board' => ['size' => 'large'], 'board_out' => 26.0]),
            Lines::line('P3', 'diver', ['dial' => 3.0, 'let_out' => 42.0]), Lines::line('P5', 'rigger'),
            Lines::line('C1', 'dropper'), Lines::line('C2', 'wire'),
            Lines::line('S1', 'clip', ['board' => ['size' => 'mast'], 'board_out' => 40.0, 'clip_out' => 30.0]),
            Lines::line('S3', 'diver', ['dial' => 1.0, 'let_out' => 50.0]),
        ]);
    }

    /** @return list<array{float, float, float}> every part of a line at a hand's breadth, less what is near its rod */
    private function dense(RunningLine $line): array
    {
        $parts = [...array_filter([$line->path()]), ...$line->branches()];
        if ($line->solution->board !== null && $line->solution->clip === null) {
            $parts[0] = array_slice($parts[0], 0, -1);
        }
        foreach ([$line->frontLine(), $line->mastLine()] as $straight) {
            if ($straight !== null) {
                $parts[] = $straight;
            }
        }
        $dense = [];
        foreach ($parts as $part) {
            for ($i = 1, $n = count($part); $i < $n; $i++) {
                $length = sqrt(
                    array_sum(
                        array_map(static fn (int $axis): float => ($part[$i][$axis] - $part[$i - 1][$axis]) ** 2, [0, 1, 2]),
                    ),
                );
                for ($k = 0, $steps = max(1, (int) ceil($length / 0.1)); $k <= $steps; $k++) {
                    $at = array_map(
                        static fn (int $axis): float => $part[$i - 1][$axis] + $k / $steps * (
                            $part[$i][$axis] - $part[$i - 1][$axis]
                        ),
                        [0, 1, 2],
                    );
                    $tip = $part === $line->mastLine() ? $part[1] : $line->planned->tip;
                    if (($at[0] - $tip[0]) ** 2 + ($at[1] - $tip[1]) ** 2 + ($at[2] - $tip[2]) ** 2 > self::NEAR_RODS ** 2) {
                        $dense[] = $at;
                    }
                }
            }
        }

        return $dense;
    }
}
