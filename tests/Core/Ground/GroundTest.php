<?php

declare(strict_types=1);

namespace Tests\Core\Ground;

use Admek\Core\Ground\BottomGrid;
use Admek\Core\Ground\Course;
use Admek\Core\Ground\Pass;
use Admek\Core\Ground\Place;
use Admek\Core\Ground\Structure;
use Admek\Core\Ground\StructureKind;
use Admek\Core\Ground\Thinning;
use Admek\Core\InvalidValue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GroundTest extends TestCase
{
    private const SPEED = 1.0;

    public function test_distances_and_bearings_of_known_places(): void
    {
        $a = new Place(45.0, -38.0);
        // A degree of a meridian of the mean sphere is 111.195 km; of the parallel that times its cosine.
        self::assertEqualsWithDelta(111_194.9, $a->to(new Place(46.0, -38.0)), 1.0);
        self::assertEqualsWithDelta(111_194.9 * cos(deg2rad(45)), $a->to(new Place(45.0, -37.0)), 5.0);
        self::assertEqualsWithDelta(
            [0.0, 90.0, 180.0, 270.0],
            array_map(
                fn (Place $to): float => round($a->bearingTo($to)),
                [new Place(45.1, -38.0), new Place(45.0, -37.9), new Place(44.9, -38.0), new Place(45.0, -38.1)],
            ),
            0.1,
        );
        $moved = $a->moved(3000.0, -4000.0);
        self::assertEqualsWithDelta(5000.0, $a->to($moved), 5.0);
        self::assertEqualsWithDelta([3000.0, -4000.0], $moved->from($a), 0.01);
        $this->expectExceptionMessage('longitude');
        new Place(45.0, 400.0);
    }

    public function test_a_grid_is_straight_between_its_points(): void
    {
        $grid = BottomGrid::of(45.0, -38.0, 0.01, [[10.0, 20.0, 30.0], [20.0, 30.0, 40.0]]);

        self::assertEqualsWithDelta(
            [10.0, 15.0, 20.0, 40.0, 27.5],
            array_map(
                fn (array $at): ?float => $grid->at(new Place(...$at)),
                [[45.0, -38.0], [45.0, -37.995], [45.005, -37.995], [45.01, -37.98], [45.005, -37.9875]],
            ),
            1e-6,
        );
        self::assertNull($grid->at(new Place(45.02, -38.0)));
        self::assertNull($grid->at(new Place(45.0, -38.001)));
        foreach ([
            [[[1.0, 2.0]], 'rows'], [[[1.0, 2.0], [1.0]], 'rows.1'], [[[1.0, 2.0], [1.0, -3.0]], 'rows.1.1'],
        ] as [$rows, $field]) {
            try {
                BottomGrid::of(45.0, -38.0, 0.01, $rows);
                self::fail($field);
            } catch (InvalidValue $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
    }

    public function test_the_contour_of_a_slope_is_a_line_and_of_a_bowl_a_ring(): void
    {
        $slope = BottomGrid::of(
            45.0, -38.0, 0.001, array_fill(0, 31, array_map(static fn (int $j): float => 2.0 * $j, range(0, 20))),
        );
        $lines = $slope->contour(13.0);
        self::assertCount(1, $lines);
        self::assertCount(31, $lines[0]);
        foreach ($lines[0] as $place) {
            self::assertEqualsWithDelta(-38.0 + 0.0065, $place->longitude, 1e-9);
        }
        $bowl = $this->bowl();
        $rings = $bowl->contour(20.0);
        self::assertCount(1, $rings);
        self::assertEquals($rings[0][0], $rings[0][count($rings[0]) - 1], 'closed');
        $middle = new Place(45.05, -37.95);
        foreach ($rings[0] as $place) {
            self::assertEqualsWithDelta(
                2000.0, $place->to($middle), 25.0, 'depth is a hundredth of the distance from its middle',
            );
            self::assertEqualsWithDelta(20.0, $bowl->at($place), 1e-6, 'on the line it is as deep as the line says');
        }
        self::assertEqualsWithDelta(2 * M_PI * 2000.0, Course::of($rings[0])->length(), 60.0);
        self::assertSame([], $bowl->contour(900.0));
        $saddle = BottomGrid::of(45.0, -38.0, 0.001, [[0.0, 10.0], [10.0, 0.0]]);
        self::assertCount(2, $saddle->contour(4.0));
        self::assertCount(2, $saddle->contour(6.0));
    }

    public function test_a_course_is_measured_cut_out_and_made_fit_to_steer(): void
    {
        $a = new Place(45.0, -38.0);
        $course = Course::of([$a, $a, $a->moved(300.0, 0.0), $a->moved(300.0, 400.0)]);

        self::assertEqualsWithDelta(700.0, $course->length(), 0.2);
        self::assertEqualsWithDelta([300.0, 100.0], $course->at(400.0)->from($a), 0.2);
        self::assertEqualsWithDelta([300.0, 400.0], $course->at(9000.0)->from($a), 0.2);
        self::assertEqualsWithDelta(50.0, $course->away($a->moved(150.0, 50.0)), 0.1);
        $near = $course->about($a->moved(320.0, 200.0), 200.0);
        self::assertEqualsWithDelta(200.0, $near->length(), 1.0);
        self::assertEqualsWithDelta(20.0, $near->away($a->moved(320.0, 200.0)), 1.0);
        self::assertEqualsWithDelta(0.0, $course->reversed()->at(0.0)->to($a->moved(300.0, 400.0)), 0.1);

        $wobbling = Course::of(
            array_map(static fn (int $i): Place => $a->moved(20.0 * $i, $i % 2 === 0 ? 4.0 : -4.0), range(0, 50)),
        );
        self::assertCount(2, $wobbling->simplified(10.0)->places);
        $ring = Course::of($this->bowl()->contour(20.0)[0]);
        $fit = $ring->simplified(40.0);
        self::assertLessThan(40, count($fit->places));
        foreach ($ring->places as $place) {
            self::assertLessThan(40.5, $fit->away($place), 'no place strays farther than it may');
        }
        $this->expectException(InvalidValue::class);
        Course::of([$a, $a]);
    }

    public function test_a_pass_without_current_takes_its_length_over_its_speed(): void
    {
        $a = new Place(45.0, -38.0);
        $pass = Pass::of(Course::of([$a, $a->moved(0.0, 1000.0), $a->moved(600.0, 1000.0)]), self::SPEED);

        self::assertEqualsWithDelta(1600.0, $pass->takes(), 1.0);
        self::assertEqualsWithDelta(1600.0, $pass->fished(), 1.0);
        self::assertCount(1, $pass->turns);
        self::assertSame('starboard', $pass->turns[0]['side']);
        self::assertEqualsWithDelta(
            [90.0, 300.0], [$pass->turns[0]['angle'], $pass->tightest()], 0.5, 'half of the shorter leg, at a right angle',
        );
        self::assertFalse($pass->shouldLift());
        self::assertNull(Pass::of(Course::of([$a, $a->moved(900.0, 0.0)]), self::SPEED)->tightest());
    }

    /** @param  array{set: float, drift: float}  $current */
    #[DataProvider('currents')]
    public function test_in_a_current_the_boat_crabs(array $current, ?float $ground, ?float $heading, bool $lift): void
    {
        $a = new Place(45.0, -38.0);
        $pass = Pass::of(Course::of([$a, $a->moved(0.0, 1000.0)]), self::SPEED, $current);

        self::assertEqualsWithDelta($ground, $pass->legs[0]['ground'], 1e-6);
        self::assertEqualsWithDelta($heading, $pass->legs[0]['heading'], 1e-3);
        self::assertSame($lift, $pass->shouldLift());
        self::assertEqualsWithDelta($ground === null || $ground <= 0 ? null : 1000.0 / $ground, $pass->takes(), 1.0);
    }

    /** @return iterable<string, array{array{set: float, drift: float}, ?float, ?float, bool}> northward at 1 m/s */
    public static function currents(): iterable
    {
        yield 'from astern' => [['set' => 0.0, 'drift' => 0.4], 1.4, 0.0, false];
        yield 'from ahead' => [['set' => 180.0, 'drift' => 0.4], 0.6, 0.0, false];
        yield 'from ahead, hardly making way' => [['set' => 180.0, 'drift' => 0.9], 0.1, 0.0, true];
        yield 'from ahead, losing' => [['set' => 180.0, 'drift' => 1.2], -0.2, 0.0, true];
        yield 'from port, setting east: three, four, five' => [
            ['set' => 90.0, 'drift' => 0.6], 0.8, 360.0 - rad2deg(asin(0.6)), false,
        ];
        yield 'swept off' => [['set' => 90.0, 'drift' => 1.1], null, null, true];
    }

    public function test_the_bottom_along_a_pass_is_what_the_grid_says(): void
    {
        $bowl = $this->bowl();
        $middle = new Place(45.05, -37.95);
        $profile = Pass::of(Course::of([$middle->moved(-2000.0, 0.0), $middle->moved(1000.0, 0.0)]), self::SPEED)->bottom($bowl);
        self::assertEqualsWithDelta([20.0, 10.0], [$profile[0]['depth'], $profile[count($profile) - 1]['depth']], 0.3);
        self::assertEqualsWithDelta(3000.0, $profile[count($profile) - 1]['along'], 5.0);
        foreach ($profile as ['along' => $along, 'depth' => $depth]) {
            self::assertEqualsWithDelta(abs($along - 2000.0) / 100.0, $depth, 0.4);
        }
        $off = Pass::of(Course::of([$middle, $middle->moved(90000.0, 0.0)]), self::SPEED)->bottom($bowl);
        self::assertLessThan(5000.0, $off[count($off) - 1]['along'], 'where the grid ends so does it');
    }

    public function test_a_track_of_any_length_is_kept_within_bounds(): void
    {
        $thinning = new Thinning(500);
        $a = new Place(45.0, -38.0);
        for ($i = 0; $i < 60_000; $i++) {
            $thinning->take($a->moved(1.5 * $i, 40.0 * sin($i / 400)));
        }
        $places = $thinning->places();
        self::assertLessThanOrEqual(501, count($places));
        self::assertGreaterThan(200, count($places));
        self::assertEqualsWithDelta(
            $a->to($a->moved(1.5 * 59_999, 0.0)),
            $places[0]->to($places[count($places) - 1]),
            100.0,
            'from its first place to its last',
        );
        $few = new Thinning;
        array_map($few->take(...), [$a, $a->moved(0.1, 0.0), $a->moved(50.0, 0.0)]);
        self::assertCount(2, $few->places());
        self::assertSame([], (new Thinning)->places());
    }

    public function test_structures_are_named_and_lines_have_length(): void
    {
        $a = new Place(45.0, -38.0);
        self::assertSame('Old Wall', (new Structure('Old Wall', StructureKind::Edge, [$a, $a->moved(9.0, 0.0)]))->name);
        foreach ([
            ['', StructureKind::Hump, [$a], 'name'], ['Edge', StructureKind::Edge, [$a], 'places'],
        ] as [$name, $kind, $places, $field]) {
            try {
                new Structure($name, $kind, $places);
                self::fail($field);
            } catch (InvalidValue $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
    }

    /** A bowl whose depth is a hundredth of the distance from its middle, 45.05 N 37.95 W. */
    private function bowl(): BottomGrid
    {
        $middle = new Place(45.05, -37.95);

        return BottomGrid::of(
            45.0,
            -38.0,
            0.001,
            array_map(
                static fn (int $i): array => array_map(
                    static fn (int $j): float => (new Place(45.0 + 0.001 * $i, -38.0 + 0.001 * $j))->to($middle) / 100.0,
                    range(0, 100),
                ),
                range(0, 100),
            ),
        );
    }
}
