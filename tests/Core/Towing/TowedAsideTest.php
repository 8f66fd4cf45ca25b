<?php

declare(strict_types=1);

namespace Tests\Core\Towing;

use Admek\Core\Towing\Board;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolution;
use Admek\Core\Towing\Turn;
use PHPUnit\Framework\TestCase;
use Tests\Core\Towing\Support\OneTow;

/** Boards, turns and flows that carry gear aside. */
final class TowedAsideTest extends TestCase
{
    use OneTow;

    public function test_a_cross_current_at_depth_carries_the_gear_aside(): void
    {
        $line = new TowLine('a', [0.0, 0.0, -1.0], [new Body('ball', 48.0, 0.0037), new Line(30.0, 0.0008, 0.02)]);
        $solution = $this->tow(
            $line,
            flow: Flow::ofLayers(
                [['depth' => 0.0, 'aft' => 1.0, 'starboard' => 0.0], ['depth' => 20.0, 'aft' => 1.0, 'starboard' => 0.4]],
            ),
        );

        self::assertGreaterThan(0.5, $solution->bodies['ball'][1]);
    }

    public function test_a_board_lies_along_the_pull_at_its_line_s_reach(): void
    {
        $board = new Board(Side::Starboard, 6e-3, 1.1e-2, 8.0, 30.0);
        $solution = $this->tow(new TowLine('a', [0.5, 1.0, -2.0], [new Body('lure', 0.1, 1e-3), $this->nylon(20.0)], $board));
        self::assertNotNull($solution->board);
        [$x, $y, $z] = $solution->board;

        self::assertSame(0.0, $z);
        self::assertEqualsWithDelta(sqrt(30.0 ** 2 - 2.0 ** 2), hypot($x - 0.5, $y - 1.0), 1e-6);
        $q = 0.5 * 999.8;
        self::assertEqualsWithDelta(
            $q * 1.1e-2, $solution->towTension * ($y - 1.0) / 30.0, 1e-3, 'outward pull is the board’s own',
        );
    }

    public function test_heavier_trailing_gear_drags_the_board_back_and_under(): void
    {
        $towed = fn (float $weight): TowSolution => $this->tow(
            new TowLine(
                'a',
                [0.0, 0.0, -2.0],
                [new Body('lure', $weight, 2e-3), $this->nylon(20.0)],
                new Board(Side::Port, 6e-3, 1.1e-2, 8.0, 30.0),
            ),
        );
        [$light, $heavy] = [$towed(0.1), $towed(12.0)];

        self::assertFalse($light->boardPulledUnder);
        self::assertTrue($heavy->boardPulledUnder);
        self::assertGreaterThan(8.0, $heavy->boardLoadDown);
        $fish = $this->tow(
            new TowLine(
                'a',
                [0.0, 0.0, -2.0],
                [new Body('fish', 0.0, 3e-2), $this->nylon(20.0)],
                new Board(Side::Port, 6e-3, 1.1e-2, 8.0, 30.0),
            ),
        );
        self::assertGreaterThan($light->board[0] ?? 0.0, $fish->board[0] ?? 0.0);
    }

    public function test_in_a_turn_the_inside_line_slows_and_sinks_and_the_outside_line_speeds_up(): void
    {
        $line = fn (int $sign): TowLine => new TowLine(
            'a',
            [0.0, 2.0 * $sign, -2.0],
            [$this->spoon(), new Line(40.0, 0.00089, 0.02, 1.7)],
            new Board($sign < 0 ? Side::Port : Side::Starboard, 6e-3, 1.1e-2, 8.0, 30.0),
        );
        $straight = $this->tow($line(-1));
        $inside = $this->tow($line(-1), turn: new Turn(200.0, Side::Port));
        $outside = $this->tow($line(1), turn: new Turn(200.0, Side::Port));

        self::assertLessThan(1.0, $inside->speedFactor);
        self::assertGreaterThan(1.0, $outside->speedFactor);
        self::assertGreaterThan($straight->bodies['lure'][2] + 0.5, $inside->bodies['lure'][2]);
        self::assertLessThan($straight->bodies['lure'][2], $outside->bodies['lure'][2]);
    }
}
