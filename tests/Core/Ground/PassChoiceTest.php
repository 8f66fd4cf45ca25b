<?php

declare(strict_types=1);

namespace Tests\Core\Ground;

use Admek\Core\Ground\Course;
use Admek\Core\Ground\Pass;
use Admek\Core\Ground\PassChoice;
use Admek\Core\Ground\Place;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;

final class PassChoiceTest extends TestCase
{
    public function test_it_is_run_with_the_current_and_lifted_where_nothing_is_made_good_against_it(): void
    {
        self::assertSame(
            [false, 'Without current both ways are alike: take the one with the wind on your bow.'], $this->choice(null),
        );
        self::assertSame(
            [false, 'Without current both ways are alike: take the one with the wind on your bow.'],
            $this->choice(['set' => 90.0, 'drift' => 0.01]),
        );
        self::assertSame(
            [
                false,
                'Run it N, with the current, in 12 min. Against it the gear fishes more water over each yard of ground, for '
                    .'who would go slow over fish.',
            ],
            $this->choice(['set' => 0.0, 'drift' => 0.4]),
        );
        self::assertSame(
            [true, 'Run it S, with the current, in 9 min. Against it she makes too little good: lift at the end and run back.'],
            $this->choice(['set' => 180.0, 'drift' => 0.9]),
        );
        self::assertSame(
            'The current is stronger than the boat: at this speed the course cannot be held, either way.',
            $this->choice(['set' => 90.0, 'drift' => 1.2])[1],
        );
    }

    /**
     * @param  array{set: float, drift: float}|null  $current
     * @return array{bool, string} of a thousand metres northward at 1 m/s
     */
    private function choice(?array $current): array
    {
        $a = new Place(45.0, -38.0);
        $course = Course::of([$a, $a->moved(0.0, 1000.0)]);
        $choice = PassChoice::of(Pass::of($course, 1.0, $current), Pass::of($course->reversed(), 1.0, $current), $current);

        return [$choice->reversed, $choice->why->in(Units::Us)];
    }
}
