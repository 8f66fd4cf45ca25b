<?php

declare(strict_types=1);

namespace Tests\Core\Instruments;

use Admek\Core\Instruments\Going;
use Admek\Core\Instruments\TrackPoint;
use Admek\Core\Instruments\TurnState;
use Admek\Core\Towing\Side;
use PHPUnit\Framework\TestCase;
use Tests\Support\Chance;

/** How she went, by her track. */
final class GoingTest extends TestCase
{
    public function test_turns_are_told_from_straight_and_what_lasts_no_time_is_none(): void
    {
        $points = [];
        foreach ([0.0, 0.0, 1.2, 0.0, 0.0, 0.0, 0.0, -0.8, -0.8, -0.8, -0.8, -0.8, 0.0, 0.0] as $i => $rate) {
            $points[] = new TrackPoint(10.0 * $i, ['turn' => $rate, 'water_speed' => 1.0 + 0.01 * $i, 'depth' => 30.0]);
        }
        $going = Going::of($points);
        self::assertSame([0.0, 30.0, 70.0, 120.0], $going->changes);
        self::assertSame(
            [TurnState::Straight, TurnState::ToPort, TurnState::Straight],
            [$going->turn(50.0), $going->turn(100.0), $going->turn(500.0)],
        );
        self::assertEqualsWithDelta(1.05, $going->speed(30.0, 70.0), 1e-9);
        self::assertSame([30.0, null], [$going->bottom(0.0, 20.0), $going->bottom(1000.0, 2000.0)]);
        self::assertNull(Going::of([new TrackPoint(0.0, ['depth' => 3.0])])->turn(5.0), 'nothing was heard of it');
    }

    public function test_means_are_those_of_each_point_counted_one_by_one(): void
    {
        $chance = new Chance(9);
        $points = [];
        $at = 0.0;
        for ($i = 0; $i < 400; $i++) {
            // Some of one moment, some without a figure, none for a while now and then.
            $at += [0.0, 1.0, 1.0, 5.0, 60.0][$chance->below(5)];
            $points[] = new TrackPoint($at, $chance->below(4) === 0 ? [] : ['water_speed' => $chance->below(1000) / 500]);
        }
        $going = Going::of($points);
        for ($i = 0; $i < 300; $i++) {
            // On points, between them, before the first, past the last, and ends the wrong way round.
            [$from, $until] = [$chance->below((int) $at + 60) - 30.0, $chance->below(2 * (int) $at + 60) / 2 - 30.0];
            $there = array_column(array_map(
                static fn (TrackPoint $point): array => $point->figures,
                array_filter($points, static fn (TrackPoint $point): bool => $point->at >= $from && $point->at <= $until),
            ), 'water_speed');
            $there === []
                ? self::assertNull($going->speed($from, $until))
                : self::assertEqualsWithDelta(array_sum($there) / count($there), $going->speed($from, $until), 1e-9);
        }
    }

    public function test_the_inside_of_a_turn_is_the_side_she_turns_to(): void
    {
        self::assertSame('inside of a turn', TurnState::of(-0.8)->on(Side::Port));
        self::assertSame('outside of a turn', TurnState::of(-0.8)->on(Side::Starboard));
        self::assertSame('inside of a turn', TurnState::of(0.8)->on(Side::Starboard));
        self::assertSame(['turning', 'straight'], [TurnState::of(0.8)->on(null), TurnState::of(0.0)->on(Side::Port)]);
    }
}
