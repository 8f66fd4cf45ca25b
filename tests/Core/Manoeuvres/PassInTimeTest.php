<?php

declare(strict_types=1);

namespace Tests\Core\Manoeuvres;

use Admek\Core\Ground\Course as Ground;
use Admek\Core\Ground\Pass;
use Admek\Core\Ground\Place;
use Admek\Core\Manoeuvres\PassInTime;
use PHPUnit\Framework\TestCase;

final class PassInTimeTest extends TestCase
{
    private const SPEED = 1.03;

    public function test_a_pass_is_steered_leg_by_leg_round_its_corners(): void
    {
        $places = array_map(
            static fn (array $place): Place => new Place(...$place), [[45.0, -38.0], [45.009, -38.0], [45.009, -37.9873]],
        );
        $course = Ground::of($places);
        $pass = PassInTime::of(Pass::of($course, self::SPEED));
        $corner = $course->places[0]->to($course->places[1]) / self::SPEED;

        self::assertEqualsWithDelta(0.0, $pass->course->at(0.5 * $corner)[1], 0.01);
        self::assertEqualsWithDelta(M_PI_4, $pass->course->at($corner)[1], 0.02, 'half round');
        self::assertEqualsWithDelta(M_PI_2, $pass->course->at(1.5 * $corner)[1], 0.01);
        self::assertEqualsWithDelta($course->length(), $pass->along($pass->lasts()), 1.0);
        self::assertEqualsWithDelta(0.5 * $corner * self::SPEED, $pass->along(0.5 * $corner), 5.0);
        self::assertEqualsWithDelta($course->length() / self::SPEED, $pass->lasts(), 2.0);
        $times = $pass->times();
        self::assertSame([0.0, $pass->lasts()], [$times[0], $times[count($times) - 1]]);
        $gaps = array_map(static fn (float $a, float $b): float => $b - $a, array_slice($times, 0, -1), array_slice($times, 1));
        self::assertContains(2.0, $gaps, 'looked at more often in the turn');
        self::assertContains(10.0, $gaps);
        $this->expectExceptionMessage('swept off');
        PassInTime::of(Pass::of($course, self::SPEED, ['set' => 180.0, 'drift' => 2.0]));
    }
}
