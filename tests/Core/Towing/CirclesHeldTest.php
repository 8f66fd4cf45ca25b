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
use PHPUnit\Framework\TestCase;
use Tests\Core\Towing\Support\MadeUpRigs;

/** Steady turns one can tell the answer of: light ends, long core, boards and shear. */
final class CirclesHeldTest extends TestCase
{
    use MadeUpRigs;

    public function test_a_light_end_dead_in_the_middle_is_said_and_a_heavy_one_still_told(): void
    {
        $line = static fn (float $weight): TowLine => new TowLine(
            'a', [0.0, 0.0, -1.5], [new Body('lure', $weight, 9e-4), new Line(60.0, 0.0006, 2e-4)],
        );
        $turn = new Turn(15.0, Side::Port);
        $heavy = (new TowSolver)->solve($this->still(1.0), $turn, $line(40.0));
        self::assertGreaterThan(exp(-4), $heavy->speedFactor);

        $this->expectException(CannotTow::class);
        $this->expectExceptionMessageMatches('/no less than (1[6-9]|2\d) m radius: .* dead in the middle of the turn/');
        (new TowSolver)->solve($this->still(1.0), $turn, $line(0.02));
    }

    public function test_eight_colours_sink_and_the_inside_board_falls_back_as_turns_tighten(): void
    {
        $core = new TowLine(
            'a',
            [0.0, 0.0, -1.5],
            [new Body('lure', 0.12, 9e-4), new Line(6.1, 0.0004, 1.7e-4), new Line(73.15, 0.00089, 0.02, 1.7)],
        );
        $depths = array_map(
            fn (float $radius): float => $this->solved(
                $this->still(0.894), new Turn($radius, Side::Port), $core,
            )->bodies['lure'][2] ?? NAN,
            [1000.0, 100.0, 60.0, 40.0, 25.0],
        );
        $sorted = $depths;
        sort($sorted);
        self::assertSame($sorted, $depths, 'the tighter, the deeper');

        $board = static fn (Side $side): TowLine => new TowLine(
            'a',
            [0.0, 2.0 * $side->sign(), -2.0],
            [new Body('lure', 0.12, 9e-4), new Line(30.0, 0.0004, 1.7e-4)],
            new Board($side, 6e-3, 1.15e-2, 8.0, 30.0),
        );
        $inside = $this->solved($this->still(1.0), new Turn(60.0, Side::Port), $board(Side::Port));
        $outside = $this->solved($this->still(1.0), new Turn(60.0, Side::Port), $board(Side::Starboard));
        self::assertLessThan(0.7, $inside?->speedFactor);
        self::assertGreaterThan(1.3, $outside?->speedFactor);
        foreach ([$inside, $outside] as $solution) {
            self::assertEqualsWithDelta(
                sqrt(30.0 ** 2 - 2.0 ** 2),
                hypot($solution->board[0] ?? 0.0, ($solution->board[1] ?? 0.0) - ($solution === $inside ? -2.0 : 2.0)),
                1e-3,
                'as far off as its front line',
            );
        }
    }

    public function test_a_current_that_shears_is_answered_for_the_heading_as_it_is(): void
    {
        $flow = Flow::ofLayers(
            [['depth' => 0.0, 'aft' => 1.0, 'starboard' => 0.0], ['depth' => 15.0, 'aft' => 0.7, 'starboard' => 0.3]],
        );
        $line = new TowLine(
            'a',
            [0.0, -1.5, -1.0],
            [
                new Body('ball', 48.0, 0.0037),
                new Branch([new Body('lure', 0.1, 9e-4), new Line(8.0, 0.00045, 2e-4)]),
                new Line(22.0, 0.0008, 0.02),
            ],
        );
        $turn = new Turn(50.0, Side::Starboard);
        $solution = (new TowSolver(10.0))->solve(new Water(999.8, $flow), $turn, $line);
        $working = (new TowSolver)->solve(new Water(999.8, $flow), $turn, $line);

        self::assertEqualsWithDelta($line->towPoint, $solution->path[count($solution->path) - 1], 1e-3);
        foreach ($solution->bodies as $name => $place) {
            self::assertEqualsWithDelta($place, $working->bodies[$name], 0.01, $name);
        }
        self::assertGreaterThan(
            $solution->bodies['ball'][1], $solution->bodies['lure'][1], 'the deep water carries the lead to starboard',
        );
    }
}
