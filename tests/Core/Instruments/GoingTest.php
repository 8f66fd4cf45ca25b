<?php

declare(strict_types=1);

namespace Tests\Core\Instruments;

use Admek\Core\Instruments\Going;
use Admek\Core\Instruments\TrackPoint;
use Admek\Core\Instruments\TurnState;
use Admek\Core\Towing\Side;
use PHPUnit\Framework\TestCase;

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

    public function test_the_inside_of_a_turn_is_the_side_she_turns_to(): void
    {
        self::assertSame('inside of a turn', TurnState::of(-0.8)->on(Side::Port));
        self::assertSame('outside of a turn', TurnState::of(-0.8)->on(Side::Starboard));
        self::assertSame('inside of a turn', TurnState::of(0.8)->on(Side::Starboard));
        self::assertSame(['turning', 'straight'], [TurnState::of(0.8)->on(null), TurnState::of(0.0)->on(Side::Port)]);
    }
}
