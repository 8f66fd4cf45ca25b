<?php

declare(strict_types=1);

namespace Tests\Core\Towing\Motion;

use Admek\Core\Towing\Board;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Motion\CannotMove;
use Admek\Core\Towing\Motion\Course;
use Admek\Core\Towing\Motion\Moment;
use Admek\Core\Towing\Motion\Mover;
use Admek\Core\Towing\Motion\MovingWater;
use Admek\Core\Towing\Motion\NotWanted;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolver;
use Admek\Core\Towing\Turn;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Towing\Support\Knots;

/** What is known of motion without solving it. */
final class KnownMotionsTest extends TestCase
{
    private const G = 9.80665;

    private const RHO = 999.8;

    public function test_a_ball_let_go_on_a_slack_line_sinks_as_its_drag_allows(): void
    {
        // Astern faster than the line can tighten: the ball hangs on nothing.
        $ball = new Body('ball', 2.0, 4e-3, mass: 2.5);
        $line = new TowLine('a', [0.0, 0.0, 0.0], [$ball, self::thread(60.0)]);
        $course = Knots::course([[0, 2.0, 0], [2, -1.0, 0], [30, -1.0, 0]]);
        $depths = array_map(
            static fn (Moment $moment): float => $moment->bodies['ball'][2], self::followed($line, $course, [14.0, 16.0]),
        );

        self::assertLessThan(50.0, $depths[1], 'the line is still slack');
        self::assertEqualsWithDelta(sqrt(2.0 / (0.5 * self::RHO * 4e-3)), ($depths[1] - $depths[0]) / 2.0, 0.02);
    }

    public function test_a_heavy_pendulum_swings_in_its_time(): void
    {
        [$length, $weight, $mass] = [4.0, 50.0, 20.0];
        $line = new TowLine('a', [0.0, 0.0, 0.0], [new Body('ball', $weight, 1e-9, mass: $mass), self::thread($length)]);
        $aft = array_map(
            static fn (Moment $moment): float => $moment->bodies['ball'][0],
            self::followed($line, Knots::course([[0, 0.0, 0], [1, 0.5, 0]]), range(0.0, 40.0, 0.05), new Mover(12.0)),
        );
        $crossings = [];
        foreach (array_slice($aft, 1) as $i => $now) {
            if ($aft[$i] < 0.0 && $now >= 0.0) {
                $crossings[] = 0.05 * ($i + $aft[$i] / ($aft[$i] - $now));
            }
        }
        $periods = count($crossings) - 1;

        self::assertGreaterThanOrEqual(3, $periods);
        self::assertEqualsWithDelta(
            2.0 * M_PI * sqrt($length / self::G) * sqrt($mass * self::G / $weight),
            ($crossings[$periods] - $crossings[0]) / $periods, 0.12,
        );
    }

    public function test_what_pulls_is_what_is_pulled(): void
    {
        [$weight, $area, $mass] = [8.0, 5e-3, 3.0];
        $line = new TowLine('a', [0.0, 0.0, 0.0], [new Body('ball', $weight, $area, mass: $mass), self::thread(15.0)]);
        $course = Knots::course([[0, 0.5, 0], [2, 0.5, 0], [8, 1.6, 1.0], [14, 0.9, 1.0]]);
        $every = 0.05;
        $moments = self::followed($line, $course, range(0.0, 16.0, $every));
        $places = array_map(static fn (Moment $moment): array => self::overGround($course, $moment), $moments);
        $loads = [];
        for ($i = 1; $i < count($places) - 1; $i++) {
            $speed = $load = [];
            for ($k = 0; $k < 3; $k++) {
                $speed[$k] = ($places[$i + 1][$k] - $places[$i - 1][$k]) / (2.0 * $every);
                $load[$k] = $mass * ($places[$i + 1][$k] - 2.0 * $places[$i][$k] + $places[$i - 1][$k]) / $every ** 2;
            }
            $size = sqrt($speed[0] ** 2 + $speed[1] ** 2 + $speed[2] ** 2);
            for ($k = 0; $k < 3; $k++) {
                $load[$k] += 0.5 * self::RHO * $area * $size * $speed[$k] - ($k === 2 ? $weight : 0.0);
            }
            $loads[$i] = sqrt($load[0] ** 2 + $load[1] ** 2 + $load[2] ** 2);
        }
        foreach ([5.0, 8.0, 11.0, 15.0] as $time) {
            $at = (int) round($time / $every);
            $mean = array_sum(array_slice($loads, $at - 21, 20)) / 20.0;
            self::assertEqualsWithDelta($mean, $moments[$at]->towTension, 0.03 * $mean, "at {$time} s");
        }
    }

    #[DataProvider('rigs')]
    public function test_a_straight_course_stays_as_it_is(TowLine $line): void
    {
        $steady = (new TowSolver)->solve(MovingWater::still(self::RHO)->past(1.1, 0.0), null, $line);
        foreach (self::followed($line, Course::steady(1.1, 0.7), [0.0, 5.0, 60.0]) as $moment) {
            foreach ($steady->bodies as $name => $place) {
                self::assertEqualsWithDelta($place, $moment->bodies[$name], 0.04, "{$name} at {$moment->time} s");
            }
            self::assertEqualsWithDelta($steady->towTension, $moment->towTension, 0.01 * $steady->towTension);
        }
    }

    #[DataProvider('rigs')]
    public function test_on_a_circle_held_long_enough_it_comes_to_rest_where_steady_tow_has_it(TowLine $line): void
    {
        [$speed, $radius] = [1.1, 90.0];
        $steady = (new TowSolver)->solve(
            MovingWater::still(self::RHO)->past($speed, 0.0), new Turn($radius, Side::Starboard), $line,
        );
        $course = Knots::course([[0, $speed, 0], [1500, $speed, 1500 * $speed / $radius]]);
        [$before, $after] = self::followed($line, $course, [1400.0, 1490.0]);
        foreach ($steady->bodies as $name => $place) {
            self::assertEqualsWithDelta($before->bodies[$name], $after->bodies[$name], 0.01, "{$name} is at rest");
            self::assertEqualsWithDelta($place, $after->bodies[$name], 0.1, $name);
        }
        self::assertEqualsWithDelta($steady->towTension, $after->towTension, 0.02 * $steady->towTension);
    }

    #[DataProvider('rigs')]
    public function test_port_mirrors_starboard(TowLine $line): void
    {
        $knots = [[0, 1.0, 0], [5, 1.0, 0], [20, 1.3, 1.2], [40, 0.6, 0.4]];
        $times = [10.0, 25.0, 45.0];
        $one = self::followed($line, Knots::course($knots), $times);
        $turned = array_map(static fn (array $knot): array => [$knot[0], $knot[1], -$knot[2]], $knots);
        $other = self::followed(self::mirrored($line), Knots::course($turned), $times);
        foreach ($one as $i => $moment) {
            foreach ($moment->bodies as $name => [$x, $y, $z]) {
                self::assertEqualsWithDelta([$x, -$y, $z], $other[$i]->bodies[$name], 1e-3, $name);
            }
            self::assertEqualsWithDelta($moment->towTension, $other[$i]->towTension, 1e-3);
        }
    }

    public function test_a_current_alike_at_every_depth_is_not_felt(): void
    {
        $line = self::rigs()['diver'][0];
        $course = Knots::course([[0, 1.0, 0], [15, 1.0, 1.0], [30, 0.4, 1.0]]);
        $still = self::followed($line, $course, [10.0, 40.0]);
        $water = MovingWater::of(self::RHO, [['depth' => 0.0, 'north' => 0.4, 'east' => -0.3]]);
        foreach ((new Mover)->moments($water, $course, $line, [10.0, 40.0]) as $i => $moment) {
            self::assertEqualsWithDelta($still[$i]->bodies['lure'], $moment->bodies['lure'], 1e-3);
            self::assertEqualsWithDelta($still[$i]->speeds['lure'], $moment->speeds['lure'], 1e-3);
        }
    }

    public function test_it_never_goes_on_without_end(): void
    {
        $moments = (new Mover(budget: 20))->moments(
            MovingWater::still(self::RHO), Knots::course([[0, 1.0, 0], [60, 1.0, 6.0]]), self::rigs()['core behind a board'][0],
            [0.0, 60.0],
        );
        $this->expectException(CannotMove::class);
        $this->expectExceptionMessageMatches('/20 steps can follow: the motion was followed to \d+\.\d\d s/');
        iterator_to_array($moments);
    }

    public function test_what_nobody_waits_for_any_more_is_left_where_it_was(): void
    {
        $asked = 0;
        $moments = (new Mover(isWanted: static function () use (&$asked): bool {
            return ++$asked < 3;
        }))->moments(
            MovingWater::still(self::RHO), Knots::course([[0, 1.0, 0], [60, 1.0, 6.0]]), self::rigs()['rigger'][0],
            [0.0, 1.0, 2.0, 3.0],
        );
        $seen = [];
        try {
            foreach ($moments as $moment) {
                $seen[] = $moment->time;
            }
            self::fail('It goes on.');
        } catch (NotWanted) {
            self::assertSame([0.0, 1.0], $seen);
        }
    }

    /** @return array<string, array{TowLine}> */
    public static function rigs(): array
    {
        $lure = new Body('lure', 0.05, 9e-4, mass: 0.03);
        $leader = new Line(3.0, 4.5e-4, 2.2e-4);

        return [
            'rigger' => [new TowLine('a', [0.5, 1.5, -1.0], [
                new Body('ball', 48.6, 3.7e-3, mass: 5.7), new Branch([$lure, new Line(6.0, 4.5e-4, 2.2e-4)]),
                new Line(25.0, 8.1e-4, 0.021),
            ])],
            'diver' => [new TowLine('a', [0.0, 1.0, -1.2], [
                $lure, $leader, new Body('diver', 0.6, 5.5e-3, 5e-3, 2.9e-3, mass: 0.23), new Line(35.0, 2.8e-4, -1e-5),
            ])],
            'core behind a board' => [new TowLine('a', [0.0, 1.0, -2.0], [
                $lure, $leader, new Line(45.0, 7.9e-4, 0.02, 1.7), new Line(8.0, 2.8e-4, -1e-5),
            ], new Board(Side::Starboard, 6e-3, 1.15e-2, 8.0, 25.0, mass: 0.75))],
        ];
    }

    private static function mirrored(TowLine $line): TowLine
    {
        [$x, $y, $z] = $line->towPoint;
        $board = $line->board;

        return new TowLine($line->id, [$x, -$y, $z], array_map(
            static fn (object $part): object => $part instanceof Body ? new Body(
                $part->name, $part->weight, $part->dragArea, $part->downArea, -$part->sideArea, mass: $part->mass,
            ) : $part,
            $line->chain,
        ), $board === null ? null : new Board(
            Side::Port, $board->dragArea, $board->sideArea, $board->buoyancy, $board->lineOut, mass: $board->mass,
        ));
    }

    /** @return array{float, float, float} m north, east, down of the ball */
    private static function overGround(Course $course, Moment $moment): array
    {
        [$north, $east] = $course->place($moment->time);
        [, $heading] = $course->at($moment->time);
        [$x, $y, $z] = $moment->bodies['ball'];

        return [$north - $x * cos($heading) - $y * sin($heading), $east - $x * sin($heading) + $y * cos($heading), $z];
    }

    /** A line that has no weight and hardly any drag. */
    private static function thread(float $length): Line
    {
        return new Line($length, 1e-6, 0.0);
    }

    /**
     * @param  list<float>  $times
     * @return list<Moment>
     */
    private static function followed(TowLine $line, Course $course, array $times, Mover $mover = new Mover): array
    {
        return array_values(iterator_to_array($mover->moments(MovingWater::still(self::RHO), $course, $line, $times)));
    }
}
