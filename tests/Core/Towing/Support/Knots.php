<?php

declare(strict_types=1);

namespace Tests\Core\Towing\Support;

use Admek\Core\Towing\Motion\Course;

/** Courses told in short. */
final class Knots
{
    /** @param  list<array{float|int, float, float|int}>  $knots  s, m/s, radians */
    public static function course(array $knots): Course
    {
        return Course::of(array_map(static fn (array $knot): array => [
            't' => (float) $knot[0], 'speed' => $knot[1], 'heading' => (float) $knot[2],
        ], $knots));
    }
}
