<?php

declare(strict_types=1);

namespace Tests\Core\Towing;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Internal\CriticalAngle;
use Admek\Core\Towing\Internal\Curve;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolution;
use Admek\Core\Towing\TowSolver;
use Admek\Core\Towing\Turn;
use PHPUnit\Framework\TestCase;

/** The curves the views draw are the line itself, not a string between a few points of it. */
final class CurvesTest extends TestCase
{
    public function test_recorded_points_lie_on_the_line_and_as_close_as_asked(): void
    {
        $water = new Water(999.8, Flow::uniform(1.0));
        $line = new TowLine(
            'a',
            [0.0, 0.0, -1.0],
            [new Body('lure', 0.12, 9e-4), new Line(6.0, 0.0004, 0.0005), new Line(70.0, 0.00089, 0.02, 1.7)],
        );
        $coarse = (new TowSolver)->solve($water, null, $line)->path;
        $fine = (new TowSolver(40.0))->solve($water, null, $line)->path;

        foreach ($coarse as $point) {
            self::assertLessThan(0.003, $this->distance($point, $fine));
        }
        for ($i = 1, $n = count($coarse); $i < $n; $i++) {
            self::assertLessThanOrEqual(
                76.0 / 24 + 1e-6, hypot($coarse[$i][0] - $coarse[$i - 1][0], $coarse[$i][2] - $coarse[$i - 1][2]),
            );
        }
        self::assertSame((new TowSolver)->solve($water, null, $line)->bodies['lure'], $coarse[0]);
    }

    public function test_long_steps_of_a_heavy_line_are_drawn_where_it_lies_in_a_turn_too(): void
    {
        $water = new Water(999.8, Flow::uniform(1.0));
        $line = new TowLine('a', [0.0, 0.0, -1.5], [new Body('lure', 40.0, 9e-4), new Line(80.0, 0.0008, 0.01)]);
        foreach ([null, new Turn(80.0, Side::Port)] as $turn) {
            $fine = (new TowSolver(40.0))->solve($water, $turn, $line)->path;
            foreach ((new TowSolver)->solve($water, $turn, $line)->path as $point) {
                self::assertLessThan(0.003, $this->distance($point, $fine));
            }
        }
    }

    public function test_a_long_step_is_filled_in_along_its_bend(): void
    {
        // A quarter of a circle of radius 10 about the origin, from (10, 0, 0) to (0, 0, 10), the line running against the force.
        $curve = new Curve([10.0, 0.0, 0.0], 0.5);
        $curve->add(5 * M_PI, [0.0, 0.0, -1.0], [-10.0, 0.0, 10.0], [1.0, 0.0, 0.0]);

        self::assertCount(1 + (int) ceil(5 * M_PI / 0.5), $curve->points);
        foreach ($curve->points as [$x, , $z]) {
            self::assertEqualsWithDelta(10.0, hypot($x, $z), 0.2);
        }
    }

    public function test_a_branch_within_a_branch_hangs_together(): void
    {
        $leader = new Line(2.0, 0.0004, 0.0005);
        $solution = (new TowSolver)->solve(new Water(999.8, Flow::uniform(1.0)), null, new TowLine('a', [0.0, 0.0, -1.0], [
            new Body('ball', 40.0, 0.004),
            new Branch([new Body('lure', 0.1, 9e-4), $leader, new Branch([new Body('teaser', 0.05, 5e-4), $leader]), $leader]),
            new Line(20.0, 0.0008, 0.02),
        ]));

        self::assertCount(2, $solution->branchPaths);
        self::assertLessThan(
            0.01, $this->distance($solution->branchPaths[1][count($solution->branchPaths[1]) - 1], $solution->branchPaths[0]),
        );
        self::assertGreaterThan($solution->bodies['ball'][0], $solution->bodies['teaser'][0]);
    }

    public function test_thinning_keeps_the_ends_and_never_adds(): void
    {
        $path = array_map(static fn (int $i): array => [(float) $i, 0.0, 0.0], range(0, 99));
        $thin = TowSolution::thinned($path, 40);

        self::assertCount(40, $thin);
        self::assertSame([$path[0], $path[99]], [$thin[0], $thin[39]]);
        self::assertSame($path, TowSolution::thinned($path, 200));
    }

    public function test_the_critical_angle_balances_weight_and_drag(): void
    {
        foreach ([[0.02, 0.5], [0.5, 0.02], [1e-5, 2.0]] as [$weight, $drag]) {
            $angle = CriticalAngle::of($weight, $drag);
            self::assertEqualsWithDelta($weight * cos($angle), $drag * sin($angle) ** 2, 1e-9);
        }
        self::assertEqualsWithDelta(M_PI_2, CriticalAngle::of(1.0, 0.0), 1e-9, 'without flow it hangs');
        [$aft, $starboard, $down] = CriticalAngle::forceOfSliver(-0.01, 0.5, 0.01, [0.6, 0.8], 0.01);
        self::assertEqualsWithDelta($aft / 0.6, $starboard / 0.8, 1e-12, 'it trails with the flow');
        self::assertLessThan(0.0, $down, 'a floating line rises');
        $this->expectException(CannotTow::class);
        CriticalAngle::forceOfSliver(0.0, 0.5, 0.01, [0.0, 0.0], 0.01);
    }

    /**
     * @param  array{float, float, float}  $point
     * @param  list<array{float, float, float}>  $curve
     */
    private function distance(array $point, array $curve): float
    {
        $least = INF;
        for ($i = 1, $n = count($curve); $i < $n; $i++) {
            [$a, $b] = [$curve[$i - 1], $curve[$i]];
            $along = array_map(static fn (int $k): float => $b[$k] - $a[$k], [0, 1, 2]);
            $length = array_sum(array_map(static fn (float $v): float => $v * $v, $along));
            $dot = array_sum(array_map(static fn (int $k): float => ($point[$k] - $a[$k]) * $along[$k], [0, 1, 2]));
            $part = $length > 0.0 ? max(0.0, min(1.0, $dot / $length)) : 0.0;
            $least = min(
                $least,
                sqrt(
                    array_sum(array_map(static fn (int $k): float => ($point[$k] - $a[$k] - $part * $along[$k]) ** 2, [0, 1, 2])),
                ),
            );
        }

        return $least;
    }
}
