<?php

declare(strict_types=1);

namespace Tests\Core\Towing;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\BodyRole;
use Admek\Core\Towing\Doubt\DepthDoubt;
use Admek\Core\Towing\Doubt\Doubts;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Lip;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolver;
use PHPUnit\Framework\TestCase;

final class DepthDoubtTest extends TestCase
{
    public function test_the_parts_add_in_squares_and_stand_largest_first(): void
    {
        $doubt = $this->doubt($this->diver());

        $squares = sqrt(array_sum(array_map(static fn (float $p): float => $p ** 2, $doubt->parts)));
        self::assertEqualsWithDelta($squares, $doubt->deviation, 0.03 * $squares, 'less what their bends leave out');
        $sorted = $doubt->parts;
        arsort($sorted);
        self::assertSame($sorted, $doubt->parts);
        self::assertSame('diver_lift', array_key_first($doubt->parts));
    }

    public function test_each_part_is_half_the_difference_of_two_real_solutions(): void
    {
        $depth = fn (float $lift, float $out, float $speed): float => (new TowSolver(4.0))
            ->solve(new Water(999.8, Flow::uniform(1.0 + $speed)), null, $this->diver($lift, $out))->bodies['lure'][2];
        $parts = $this->doubt($this->diver())->parts;

        self::assertEqualsWithDelta(0.5 * ($depth(1.2, 1.0, 0.0) - $depth(0.8, 1.0, 0.0)), $parts['diver_lift'], 0.01);
        self::assertEqualsWithDelta(0.5 * ($depth(1.0, 1.03, 0.0) - $depth(1.0, 0.97, 0.0)), $parts['let_out'], 0.01);
        self::assertEqualsWithDelta(
            0.5 * abs($depth(1.0, 1.0, Doubts::SPEED) - $depth(1.0, 1.0, -Doubts::SPEED)), $parts['speed'], 0.01,
        );
    }

    public function test_the_unread_current_grows_from_the_surface_to_the_gear(): void
    {
        $line = $this->diver();
        $water = new Water(999.8, Flow::uniform(1.0));
        $at = (new TowSolver)->solve($water, null, $line)->bodies['lure'][2];
        $depth = fn (float $by): float => (new TowSolver(4.0))->solve($water->flowing(Flow::ofLayers([
            ['depth' => 0.0, 'aft' => 1.0, 'starboard' => 0.0], ['depth' => $at, 'aft' => 1.0 + $by, 'starboard' => 0.0],
        ])), null, $line)->bodies['lure'][2];

        self::assertEqualsWithDelta(
            0.5 * abs($depth(Doubts::CURRENT) - $depth(-Doubts::CURRENT)), $this->doubt($line)->parts['current'], 0.01,
        );
        self::assertArrayNotHasKey('current', DepthDoubt::of($water, $line, 'lure', new Doubts(current: 0.0))->parts);
    }

    public function test_a_checked_counter_and_a_rated_lure_are_surer(): void
    {
        $plug = new TowLine(
            'a',
            [0.0, 0.0, -1.0],
            [new Body('lure', 0.0, 8e-4, 8e-4, role: BodyRole::Lure), new Line(30.0, 0.00037, 0.000148, letOut: true)],
        );
        $water = new Water(999.8, Flow::uniform(1.0));
        $guessed = DepthDoubt::of($water, $plug, 'lure', new Doubts);
        $known = DepthDoubt::of($water, $plug, 'lure', new Doubts(Doubts::DIVE_RATED, Doubts::LET_OUT_CALIBRATED));

        self::assertEqualsWithDelta(0.4, $known->parts['lure_dive'] / $guessed->parts['lure_dive'], 0.05);
        self::assertEqualsWithDelta(1 / 3, $known->parts['let_out'] / $guessed->parts['let_out'], 0.02);
        self::assertLessThan($guessed->deviation, $known->deviation);
    }

    public function test_where_depth_bends_the_two_sides_are_told_apart(): void
    {
        $core = new TowLine(
            'a',
            [0.0, 0.0, -1.0],
            [new Body('lure', 0.05, 9e-4, role: BodyRole::Lure), new Line(45.0, 0.00089, 0.02, 1.7, letOut: true)],
        );
        $at = static fn (float $speed): DepthDoubt => DepthDoubt::of(
            new Water(999.8, Flow::uniform($speed)), $core, 'lure', new Doubts,
        );

        self::assertTrue($at(0.7)->isSkewed(), 'slowed by a tenth of a mile an hour it sinks more than it rises');
        self::assertGreaterThan($at(0.7)->shallower, $at(0.7)->deeper);
        self::assertFalse($this->doubt($this->diver())->isSkewed());
        self::assertEqualsWithDelta($at(0.7)->deviation, 0.5 * ($at(0.7)->shallower + $at(0.7)->deeper), 1e-9);
    }

    public function test_a_rated_point_holds_whatever_the_line_drags(): void
    {
        $line = new Line(30.0, 0.00035, 0.00013, letOut: true);
        $plug = static fn (?Lip $lip): TowLine => new TowLine(
            'a', [0.0, 0.0, -1.0], [new Body('lure', 0.0, 8e-4, 4e-4, role: BodyRole::Lure, lip: $lip), $line],
        );
        $water = new Water(999.8, Flow::uniform(0.894));
        $fitted = DepthDoubt::of(
            $water, $plug(new Lip([0.87, 1.15], [0.99, 1.07], [0.85, 1.17])), 'lure', new Doubts(Doubts::DIVE_RATED),
        );
        $guessed = DepthDoubt::of($water, $plug(null), 'lure', new Doubts(Doubts::DIVE_RATED));

        self::assertLessThan(
            0.2 * $guessed->parts['line_drag'], $fitted->parts['line_drag'], 'what makes the line drag more makes its lip larger',
        );
    }

    public function test_only_what_hangs_on_the_line_is_doubted(): void
    {
        self::assertEqualsCanonicalizing(
            ['line_drag', 'let_out', 'lure_drag', 'diver_lift', 'speed', 'current'],
            array_keys($this->doubt($this->diver())->parts),
        );
    }

    private function doubt(TowLine $line): DepthDoubt
    {
        return DepthDoubt::of(new Water(999.8, Flow::uniform(1.0)), $line, 'lure', new Doubts);
    }

    private function diver(float $lift = 1.0, float $out = 1.0): TowLine
    {
        return new TowLine('a', [0.0, -1.0, -1.0], [
            new Body('lure', 0.12, 9e-4, role: BodyRole::Lure), new Line(2.0, 0.0005, 0.0003),
            new Body('diver', 0.6, 7e-3, 6e-3 * $lift, -4e-3 * $lift, BodyRole::Diver),
            new Line(45.0 * $out, 0.00028, -1.8e-5, letOut: true),
        ]);
    }
}
