<?php

declare(strict_types=1);

namespace Tests\Core\Towing\Motion;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\Motion\MovingWater;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Towing\Support\Knots;

/** What a boat does, and the water she does it in. */
final class CourseTest extends TestCase
{
    public function test_a_course_goes_where_its_arcs_go(): void
    {
        $course = Knots::course([[0, 2.0, 0], [10, 2.0, 5.0], [20, 2.0, 5.0]]);
        $radius = 2.0 / 0.5;
        [$north, $east] = $course->place(10.0);
        self::assertEqualsWithDelta([$radius * sin(5.0), $radius * (1.0 - cos(5.0))], [$north, $east], 1e-5);
        self::assertEqualsWithDelta([$north + 20.0 * cos(5.0), $east + 20.0 * sin(5.0)], $course->place(20.0), 1e-5);
        self::assertSame([10.0, 20.0, INF], array_map($course->nextKnot(...), [0.0, 10.0, 20.0]));
        self::assertSame([2.0, 2.5], $course->at(5.0));
    }

    /** @param  list<array{float|int, float, float}>  $knots */
    #[DataProvider('impossible')]
    public function test_a_course_no_boat_goes_is_refused_by_its_knot(string $field, array $knots): void
    {
        $this->expectException(InvalidValue::class);
        $this->expectExceptionMessageMatches('/^'.preg_quote($field, '/').' must be /');
        Knots::course($knots);
    }

    /** @return iterable<string, array{string, list<array{float|int, float, float}>}> */
    public static function impossible(): iterable
    {
        yield 'time going back' => ['2.t', [[0, 1.0, 0.0], [5, 1.0, 0.0], [4, 1.0, 0.0]]];
        yield 'a step of no time' => ['1.t', [[0, 1.0, 0.0], [0, 1.2, 0.0]]];
        yield 'a late start' => ['0.t', [[1, 1.0, 0.0]]];
        yield 'a jump in heading' => ['1.heading', [[0, 1.0, 0.0], [1, 1.0, 3.0]]];
        yield 'faster than any' => ['1.speed', [[0, 1.0, 0.0], [9, 40.0, 0.0]]];
        yield 'no number' => ['0.speed', [[0, NAN, 0.0]]];
        yield 'nothing' => ['', []];
    }

    public function test_water_told_over_the_ground_streams_past_as_it_was(): void
    {
        $flow = Flow::ofLayers([
            ['depth' => 0.0, 'aft' => 1.1, 'starboard' => 0.0], ['depth' => 12.0, 'aft' => 0.7, 'starboard' => -0.3],
        ]);
        $past = MovingWater::streaming(new Water(1003.0, $flow), 2.1)->past(1.1, 2.1);
        self::assertEqualsWithDelta($flow, $past->flow, 1e-12);
        self::assertSame(1003.0, $past->density);
        self::assertEqualsWithDelta([0.0, 0.0], MovingWater::streaming($past, 2.1)->at(-3.0), 1e-12);
    }
}
