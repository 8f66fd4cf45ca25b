<?php

declare(strict_types=1);

namespace Tests\Core\Towing;

use Admek\Core\Towing\Board;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolver;
use Admek\Core\Towing\Turn;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Towing\Support\OneTow;

/** Properties the model must have whatever the figures. */
final class TowSolverTest extends TestCase
{
    use OneTow;

    public function test_port_mirrors_starboard(): void
    {
        $lines = fn (Side $side): array => [
            new TowLine(
                'diver',
                [0.0, 1.5 * $side->sign(), -1.1],
                [
                    $this->spoon(),
                    $this->nylon(2.0),
                    new Body('diver', 0.6, 7e-3, 6.5e-3, 3.75e-3 * $side->sign()),
                    $this->nylon(40.0),
                ],
            ),
            new TowLine(
                'board',
                [0.0, 1.5 * $side->sign(), -2.0],
                [$this->spoon(), $this->nylon(25.0)],
                new Board($side, 6e-3, 1.1e-2, 8.0, 30.0),
            ),
        ];
        foreach ([null, 150.0] as $radius) {
            foreach ([0, 1] as $i) {
                $port = $this->tow($lines(Side::Port)[$i], turn: $radius === null ? null : new Turn($radius, Side::Port));
                $starboard = $this->tow(
                    $lines(Side::Starboard)[$i], turn: $radius === null ? null : new Turn($radius, Side::Starboard),
                );
                foreach ($port->bodies as $name => [$x, $y, $z]) {
                    self::assertLessThan(-1.5, $y, 'gear to port runs to port');
                    self::assertEqualsWithDelta([$x, -$y, $z], $starboard->bodies[$name], 1e-3);
                }
            }
        }
    }

    public function test_more_weight_never_runs_shallower(): void
    {
        $last = 0.0;
        foreach ([0.0, 0.05, 0.1, 0.5, 1.0, 5.0, 20.0, 80.0] as $weight) {
            $depth = $this->tow(
                new TowLine('a', [0.0, 0.0, -1.0], [new Body('lure', $weight, 8e-4), $this->nylon(40.0)]),
            )->bodies['lure'][2];
            self::assertGreaterThanOrEqual($last, $depth);
            $last = $depth;
        }
        self::assertEqualsWithDelta(39.0, $last, 0.5, 'the heaviest hangs nearly straight down');
    }

    public function test_a_lower_rod_tip_fishes_deeper(): void
    {
        $depth = fn (float $tip): float => $this->tow(
            new TowLine('a', [0.0, 0.0, -$tip], [new Body('lure', 0.0, 8e-4, 8e-4), $this->nylon(30.0)]),
        )->bodies['lure'][2];

        self::assertGreaterThan($depth(2.5), $depth(0.2));
    }

    public function test_a_line_in_air_has_weight_but_no_drag(): void
    {
        // All but the last metre of line hangs in air above a ball in fast water.
        $solution = $this->tow(
            new TowLine('a', [0.0, 0.0, -30.0], [new Body('ball', 50.0, 0.0), new Line(31.0, 0.0001, 0.05)]), 3.0,
        );

        self::assertLessThan(0.6, $solution->bodies['ball'][0]);
        self::assertEqualsWithDelta(50.0 + 31 * 0.05, $solution->towTension, 0.6);
    }

    /** @return iterable<string, array{float}> */
    public static function floaters(): iterable
    {
        yield 'floats' => [-0.3];
        yield 'neutral' => [0.0];
        yield 'almost neutral' => [0.001];
    }

    #[DataProvider('floaters')]
    public function test_a_lure_that_would_fly_is_held_at_the_surface(float $weight): void
    {
        $solution = $this->tow(new TowLine('a', [0.0, 0.0, -1.2], [new Body('lure', $weight, 8e-4), $this->nylon(36.0)]));

        self::assertSame(['lure'], $solution->surfaced);
        self::assertSame(0.0, $solution->bodies['lure'][2]);
        self::assertEqualsWithDelta(sqrt(36.0 ** 2 - 1.2 ** 2), $solution->bodies['lure'][0], 0.05);
        self::assertEqualsWithDelta([0.0, 0.0, -1.2], $solution->path[count($solution->path) - 1], 2e-3);
    }

    public function test_a_ball_on_too_short_a_line_hangs_in_the_air_and_is_said_to(): void
    {
        $solution = $this->tow(new TowLine('a', [0.0, 0.0, -2.0], [new Body('ball', 40.0, 0.004), $this->nylon(1.0)]));

        self::assertSame(['ball'], $solution->surfaced);
        self::assertSame(0.0, $solution->bodies['ball'][2]);
    }

    public function test_a_branch_hangs_by_its_top_on_the_node(): void
    {
        $chain = [new Body('ball', 48.0, 0.0037), new Branch([$this->spoon(), $this->nylon(6.0)]), new Line(30.0, 0.0008, 0.02)];
        $solution = $this->tow(new TowLine('a', [0.0, 0.0, -1.0], $chain));
        $top = $solution->branchPaths[0][count($solution->branchPaths[0]) - 1];

        self::assertEqualsWithDelta($solution->bodies['ball'], $top, 2e-3);
        self::assertEqualsWithDelta($solution->bodies['lure'], $solution->branchPaths[0][0], 2e-3);
        self::assertGreaterThan($solution->bodies['ball'][0] + 5.0, $solution->bodies['lure'][0]);
    }

    public function test_a_branch_pulls_the_ball_back(): void
    {
        $ball = fn (Body $lure): float => $this->tow(new TowLine('a', [0.0, 0.0, -1.0], [
            new Body('ball', 48.0, 0.0037), new Branch([$lure, $this->nylon(6.0)]), new Line(30.0, 0.0008, 0.02),
        ]))->bodies['ball'][0];

        self::assertGreaterThan($ball($this->spoon()) + 0.5, $ball(new Body('flasher', 0.2, 1e-2)));
    }

    public function test_slower_water_at_depth_lets_the_gear_hang_steeper(): void
    {
        $line = new TowLine('a', [0.0, 0.0, -1.0], [new Body('ball', 48.0, 0.0037), new Line(30.0, 0.0008, 0.02)]);
        $even = $this->tow($line, 1.1);
        $sheared = $this->tow(
            $line,
            flow: Flow::ofLayers(
                [['depth' => 0.0, 'aft' => 1.1, 'starboard' => 0.0], ['depth' => 25.0, 'aft' => 0.7, 'starboard' => 0.0]],
            ),
        );

        self::assertGreaterThan($even->bodies['ball'][2], $sheared->bodies['ball'][2]);
        self::assertLessThan($even->bodies['ball'][0], $sheared->bodies['ball'][0]);
    }

    public function test_sheared_flow_is_solved_to_the_same_tolerance(): void
    {
        $flow = Flow::ofLayers(
            [
                ['depth' => 0.0, 'aft' => 1.1, 'starboard' => 0.0],
                ['depth' => 8.0, 'aft' => 0.9, 'starboard' => 0.1],
                ['depth' => 25.0, 'aft' => 0.6, 'starboard' => 0.3],
            ],
        );
        $line = new TowLine(
            'a', [0.0, -2.0, -1.0], [$this->spoon(), $this->nylon(10.0), new Line(90.0, 0.00089, 0.02, 1.7), $this->nylon(20.0)],
        );
        $working = $this->tow($line, flow: $flow)->bodies['lure'];
        $fine = (new TowSolver(20.0))->solve(new Water(999.8, $flow), null, $line)->bodies['lure'];

        foreach ($fine as $axis => $value) {
            self::assertEqualsWithDelta($value, $working[$axis], max(0.02, 0.002 * abs($value)));
        }
    }

    public function test_a_float_on_slack_line_in_still_water_has_no_steady_shape(): void
    {
        $this->expectException(CannotTow::class);
        $this->tow(new TowLine('a', [0.0, 0.0, -2.0], [new Body('float', -2.0, 0.004), $this->nylon(15.0)]), 0.0);
    }

    public function test_a_float_under_a_boat_that_lies_still_over_moving_water_is_told_not_looked_for_without_end(): void
    {
        $float = new TowLine('a', [0.0, 0.0, -1.0], [new Body('lure', -0.2, 3.5e-3), new Line(30.0, 4.4e-4, -4e-5)]);
        $water = new Water(999.8, Flow::ofLayers([
            ['depth' => 0.0, 'aft' => 0.0, 'starboard' => 0.0], ['depth' => 15.0, 'aft' => 0.4, 'starboard' => 0.2],
        ]));
        try {
            self::assertLessThan(0.5, (new TowSolver)->solve($water, null, $float)->bodies['lure'][2]);
        } catch (CannotTow $cannot) {
            self::assertNotSame('', $cannot->getMessage());
        }
    }
}
