<?php

declare(strict_types=1);

namespace Tests\Core\Towing;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolution;
use Admek\Core\Towing\TowSolver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The solver against what can be worked out on paper (docs/towing-model.md, Marching). Tow points lie in the water, so that all
 * line is wet.
 */
final class ClosedFormsTest extends TestCase
{
    private const DENSITY = 1000.0;

    /** @return iterable<string, array{float, float, float, float}> */
    public static function weightlessLines(): iterable
    {
        yield 'steep and short' => [10.0, 0.5, 5.0, 1.0];
        yield 'steep and long' => [10.0, 0.5, 80.0, 1.0];
        yield 'light end' => [0.3, 0.3, 40.0, 1.0];
        yield 'flat start' => [0.5, 1.5, 60.0, 1.3];
        yield 'thick line, fast' => [2.0, 1.0, 100.0, 2.5];
        yield 'hair and crawl' => [0.1, 0.1, 30.0, 0.2];
    }

    #[DataProvider('weightlessLines')]
    public function test_a_weightless_line_follows_the_integral(float $weight, float $drag, float $length, float $speed): void
    {
        $diameter = 0.0005;
        $end = new Body('end', $weight, $drag / (0.5 * self::DENSITY * $speed ** 2));
        $solution = $this->tow($speed, [$end, new Line($length, $diameter, 0.0, 1.2, 0.0)]);

        $tension = hypot($weight, $drag);
        $k = 0.5 * self::DENSITY * $diameter * 1.2 * $speed ** 2;
        $start = $drag / $weight;
        $depth = $tension / $k * (asinh($start + $k * $length / $tension) - asinh($start));
        $aft = $tension / $k * (sqrt(1 + ($start + $k * $length / $tension) ** 2) - sqrt(1 + $start ** 2));

        self::assertEqualsWithDelta($depth, $solution->bodies['end'][2] - 1.0, max(0.02, 0.002 * $depth));
        self::assertEqualsWithDelta($aft, $solution->bodies['end'][0], max(0.02, 0.002 * $aft));
        self::assertEqualsWithDelta(
            $tension, $solution->towTension, 0.002 * $tension, 'without friction or weight the tension is constant',
        );
    }

    public function test_a_long_heavy_line_tends_to_the_critical_angle(): void
    {
        $weight = 0.02;
        $diameter = 0.00089;
        $solution = $this->tow(1.0, [new Body('end', 0.1, 5e-4), new Line(600.0, $diameter, $weight, 1.7, 0.0)]);
        [$x1, , $z1] = $solution->path[count($solution->path) - 3];
        [$x2, , $z2] = $solution->path[count($solution->path) - 1];
        $angle = atan2($z1 - $z2, $x1 - $x2);

        $across = 0.5 * self::DENSITY * $diameter * 1.7 * sin($angle) ** 2;
        self::assertEqualsWithDelta($weight * cos($angle), $across, 0.01 * $weight);
    }

    public function test_a_bare_line_lies_at_the_critical_angle_all_along(): void
    {
        $solution = $this->tow(1.0, [new Line(50.0, 0.00089, 0.02, 1.7, 0.0)]);
        $cosine = ($solution->path[0][0]) / 50.0;
        $sine = ($solution->path[0][2] - 1.0) / 50.0;

        self::assertEqualsWithDelta(0.02 * $cosine, 0.5 * self::DENSITY * 0.00089 * 1.7 * $sine ** 2, 1e-4);
        self::assertEqualsWithDelta(1.0, hypot($cosine, $sine), 1e-6);
    }

    public function test_without_flow_it_hangs_straight(): void
    {
        $solution = $this->tow(0.0, [new Body('ball', 40.0, 0.004), new Line(25.0, 0.0008, 0.02)]);

        self::assertEqualsWithDelta([0.0, 0.0, 26.0], $solution->bodies['ball'], 1e-3);
        self::assertEqualsWithDelta(40.0 + 25.0 * 0.02, $solution->towTension, 1e-9);
    }

    public function test_where_all_loads_are_drag_the_shape_does_not_know_the_speed(): void
    {
        $chain = [new Body('plate', 0.0, 0.005, 0.008, 0.003), new Line(40.0, 0.0004, 0.0)];
        $slow = $this->tow(0.6, $chain);
        $fast = $this->tow(2.4, $chain);

        self::assertEqualsWithDelta($slow->bodies['plate'], $fast->bodies['plate'], 1e-3);
        self::assertEqualsWithDelta(16.0, $fast->towTension / $slow->towTension, 1e-6);
    }

    public function test_the_top_carries_the_sum_of_every_load(): void
    {
        // Straight down in no flow, so the sum is plain: ball, branch with two bodies, three lengths of line.
        $solution = $this->tow(0.0, [
            new Body('ball', 30.0, 0.003),
            new Line(3.0, 0.0008, 0.02),
            new Branch(
                [
                    new Body('spoon', 0.5, 1e-3),
                    new Line(2.0, 0.0004, 0.001),
                    new Body('flasher', 0.25, 5e-3),
                    new Line(1.0, 0.0004, 0.001),
                ],
            ),
            new Line(12.0, 0.0008, 0.02),
        ]);

        self::assertEqualsWithDelta(30.0 + 0.5 + 0.25 + 15 * 0.02 + 3 * 0.001, $solution->towTension, 1e-9);
    }

    public function test_drag_at_the_top_is_the_drag_along_the_curve(): void
    {
        $speed = 1.1;
        $line = new Line(35.0, 0.0006, 0.003, 1.3, 0.015);
        $solution = (new TowSolver(20.0))->solve(
            $this->water($speed), null, new TowLine('a', [0.0, 0.0, 1.0], [new Body('end', 1.0, 0.002), $line]),
        );
        $aft = 0.5 * self::DENSITY * 0.002 * $speed ** 2;
        $down = 1.0;
        for ($i = 1, $n = count($solution->path); $i < $n; $i++) {
            $dx = $solution->path[$i - 1][0] - $solution->path[$i][0];
            $dz = $solution->path[$i - 1][2] - $solution->path[$i][2];
            $ds = hypot($dx, $dz);
            [$cosine, $sine] = [$dx / $ds, $dz / $ds];
            $normal = 0.5 * self::DENSITY * 0.0006 * 1.3 * ($speed * $sine) ** 2 * $ds;
            $friction = 0.5 * self::DENSITY * 0.0006 * M_PI * 0.015 * ($speed * $cosine) ** 2 * $ds;
            $aft += $normal * $sine + $friction * $cosine;
            $down += 0.003 * $ds - $normal * $cosine + $friction * $sine;
        }

        self::assertEqualsWithDelta(hypot($aft, $down), $solution->towTension, 0.002 * $solution->towTension);
    }

    public function test_halving_the_step_cuts_the_error_to_a_quarter_or_less(): void
    {
        $chain = [new Body('lure', 0.0, 8e-4, 8e-4), new Line(36.576, 0.00037, 0.000148)];
        $depth = fn (float $fineness): float => (new TowSolver($fineness))
            ->solve($this->water(0.9), null, new TowLine('a', [0.0, 0.0, 1.0], $chain))->bodies['lure'][0];
        $exact = $depth(64.0);
        $error = [];
        foreach ([0.25, 0.5, 1.0] as $fineness) {
            $error[] = abs($depth($fineness) - $exact);
        }

        self::assertGreaterThan(1e-5, $error[1], 'the coarser errors must be large enough to compare');
        self::assertLessThan(0.25, $error[1] / $error[0]);
        self::assertLessThan(0.25, $error[2] / $error[1]);
    }

    /** @param  list<\Admek\Core\Towing\Element>  $chain */
    private function tow(float $speed, array $chain): TowSolution
    {
        return (new TowSolver)->solve($this->water($speed), null, new TowLine('a', [0.0, 0.0, 1.0], $chain));
    }

    private function water(float $speed): Water
    {
        return new Water(self::DENSITY, Flow::uniform($speed));
    }
}
