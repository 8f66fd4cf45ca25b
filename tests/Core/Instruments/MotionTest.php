<?php

declare(strict_types=1);

namespace Tests\Core\Instruments;

use Admek\Core\Instruments\Corrections;
use Admek\Core\Instruments\Figure;
use Admek\Core\Instruments\Known;
use Admek\Core\Instruments\MadeGood;
use Admek\Core\Instruments\Motion;
use Admek\Core\Instruments\SpeedBy;
use Admek\Core\Instruments\TrackPoint;
use Admek\Core\InvalidValue;
use Admek\Core\Towing\Side;
use PHPUnit\Framework\TestCase;

final class MotionTest extends TestCase
{
    public function test_the_log_and_the_depth_are_put_right(): void
    {
        $motion = self::of(['water_speed' => 1.0, 'depth' => 30.0, 'depth_offset' => 0.5], new Corrections(1.1, 0.8));
        self::assertEqualsWithDelta(1.1, $motion->now(Figure::WaterSpeed), 1e-12);
        self::assertSame(30.8, $motion->now(Figure::Depth), 'the captain’s own offset goes before the sounder’s');
        self::assertSame(30.5, self::of(['depth' => 30.0, 'depth_offset' => 0.5])->now(Figure::Depth));
        self::assertSame(30.0, self::of(['depth' => 30.0, 'depth_offset' => -0.5])->now(Figure::Depth), 'down to the keel');
        foreach ([[0.4, null, 'log_factor'], [1.0, 11.0, 'transducer']] as [$factor, $below, $field]) {
            try {
                new Corrections($factor, $below);
                self::fail($field);
            } catch (InvalidValue $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
    }

    public function test_speed_is_by_the_log_else_over_the_ground_else_as_told_else_as_planned(): void
    {
        $both = ['water_speed' => 1.0, 'ground_speed' => 1.2];
        self::assertSame([1.0, SpeedBy::Log], self::of($both)->speed(0.9, 0.8));
        self::assertSame([1.2, SpeedBy::Ground], self::of(['ground_speed' => 1.2])->speed(0.9, 0.8));
        self::assertSame([0.9, SpeedBy::Told], self::of([])->speed(0.9, 0.8));
        self::assertSame([0.8, SpeedBy::Planned], self::of([])->speed(null, 0.8));
        $old = Motion::of(['water_speed' => new Known(1.0, 'helm/VW', 5.1)], null, new Corrections);
        self::assertSame([0.8, SpeedBy::Planned], $old->speed(null, 0.8), 'what is old is not live');
        self::assertSame(1.0, $old->figures['water_speed']->value, 'but it is told with its age');
    }

    public function test_her_heading_is_the_true_one_else_the_compass_with_its_variation(): void
    {
        $compass = ['magnetic_heading' => 355.0, 'variation' => 10.0];
        self::assertSame(5.0, self::of($compass)->now(Figure::Heading));
        self::assertSame(7.0, self::of($compass + ['heading' => 7.0])->now(Figure::Heading));
        self::assertNull(self::of(['magnetic_heading' => 355.0])->now(Figure::Heading), 'nothing true');
        $silent = ['heading' => new Known(7.0, 'helm/HE', 6.0), 'magnetic_heading' => new Known(355.0, 'bow/HC', 0.0),
            'variation' => new Known(10.0, 'gps/GP', 0.0)];
        self::assertSame(5.0, Motion::of($silent, null, new Corrections)->now(Figure::Heading), 'the other takes over');
    }

    public function test_she_tows_on_the_circle_her_heading_goes_round(): void
    {
        $turning = static fn (?float $rate): Motion => self::of(['heading' => 90.0, 'water_speed' => 1.0], turn: $rate);
        $turn = $turning(-2.0)->conditions(1.0, 1000.0)->turn;
        // Once round at 2 °/s takes 180 s, in which she goes 180 m.
        self::assertEqualsWithDelta(180.0 / (2 * M_PI), $turn?->radius, 1e-9);
        self::assertSame(Side::Port, $turn?->side);
        self::assertNull($turning(0.0)->conditions(1.0, 1000.0)->turn);
        self::assertNull($turning(null)->conditions(1.0, 1000.0)->turn);
        self::assertSame(5.0, $turning(60.0)->conditions(0.1, 1000.0)->turn?->radius, 'spun on the spot');
        self::assertSame(0.04, $turning(0.0)->conditions(0.0, 1000.0)->speed, 'adrift');
        self::assertSame(4.5, $turning(0.0)->conditions(12.0, 1000.0)->speed, 'on the run');
    }

    public function test_a_point_of_the_track_is_due_every_five_seconds_or_twenty_metres(): void
    {
        $at = static fn (float $t, float $north): TrackPoint => new TrackPoint(
            $t, ['latitude' => 45.0 + $north / 111_195.0, 'longitude' => -38.0],
        );
        self::assertTrue($at(0, 0)->isDueAfter(null));
        self::assertFalse($at(4.9, 19.9)->isDueAfter($at(0, 0)));
        self::assertTrue($at(5.0, 0)->isDueAfter($at(0, 0)));
        self::assertTrue($at(1.0, 20.1)->isDueAfter($at(0, 0)));
        self::assertTrue($at(-3600, 0)->isDueAfter($at(0, 0)), 'a clock set back');
        self::assertFalse((new TrackPoint(1.0, ['depth' => 3.0]))->isDueAfter($at(0, 0)));
        self::assertNull(TrackPoint::of(0.0, Motion::of(['depth' => new Known(3.0, 'bow', 9.0)], null, new Corrections)));
        self::assertSame(['depth' => 3.0], TrackPoint::of(0.0, self::of(['depth' => 3.0]))?->figures);
    }

    public function test_headway_is_by_the_time_each_point_speaks_for_and_told_only_where_nearly_all_is_known(): void
    {
        $at = static fn (float $t, float $speed): TrackPoint => new TrackPoint($t, ['ground_speed' => $speed]);
        // A minute at 0.2 m/s every five seconds; a minute at 10 m/s every two, as she runs.
        $track = [];
        for ($t = 5.0; $t <= 60.0; $t += 5.0) {
            $track[] = $at($t, 0.2);
        }
        for ($t = 62.0; $t <= 120.0; $t += 2.0) {
            $track[] = $at($t, 10.0);
        }
        self::assertEqualsWithDelta(5.1, MadeGood::average($track, 120.0), 1e-9);
        self::assertNull(MadeGood::average($track, 140.0), 'of the rest nothing is known');
        self::assertNull(MadeGood::average([$at(0.0, 1.0), $at(600.0, 1.0)], 600.0), 'two points are no ten minutes');
        self::assertNull(MadeGood::average([new TrackPoint(0.0, ['depth' => 3.0])], 1.0));
    }

    /** @param  array<string, float>  $figures */
    private static function of(array $figures, Corrections $corrections = new Corrections, ?float $turn = null): Motion
    {
        return Motion::of(
            array_map(static fn (float $value): Known => new Known($value, 'helm', 0.0), $figures), $turn, $corrections,
        );
    }
}
