<?php

declare(strict_types=1);

namespace Tests\Core\Instruments;

use Admek\Core\Instruments\SpeedCheck;
use Admek\Core\InvalidValue;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SpeedCheckTest extends TestCase
{
    #[TestWith([1.0, 0.0, 0.0, 40.0])]
    #[TestWith([0.87, 0.2, -0.3, 355.0])]
    #[TestWith([1.15, -0.5, 0.1, 180.0])]
    public function test_without_noise_factor_and_current_are_found_exactly(
        float $factor, float $north, float $east, float $heading,
    ): void {
        $check = SpeedCheck::of(
            self::sailed($factor, [$north, $east], $heading),
            self::sailed($factor, [$north, $east], fmod($heading + 170.0, 360.0)),
        );
        self::assertEqualsWithDelta([$factor, $north, $east], [$check->factor, ...$check->current], 1e-9);
        self::assertEqualsWithDelta([0.0, 0.0], [$check->factorError, $check->currentError], 1e-6);
    }

    public function test_with_noise_the_truth_lies_within_its_error_two_times_in_three(): void
    {
        mt_srand(7);
        $within = ['factor' => 0, 'north' => 0];
        $tries = 1000;
        for ($i = 0; $i < $tries; $i++) {
            $noise = 0.08;
            $check = SpeedCheck::of(
                self::sailed(0.93, [0.25, -0.1], 60.0, $noise), self::sailed(0.93, [0.25, -0.1], 240.0, $noise),
            );
            $within['factor'] += abs($check->factor - 0.93) <= $check->factorError ? 1 : 0;
            $within['north'] += abs($check->current[0] - 0.25) <= $check->currentError ? 1 : 0;
        }
        // 68.3 %, and three of its own standard errors.
        foreach ($within as $what => $count) {
            self::assertEqualsWithDelta(0.683, $count / $tries, 3 * sqrt(0.683 * 0.317 / $tries), $what);
        }
    }

    public function test_runs_that_do_not_tell_are_refused(): void
    {
        $run = self::sailed(1.0, [0.0, 0.0], 40.0);
        foreach ([
            'back' => [$run, self::sailed(1.0, [0.0, 0.0], 100.0)], 'out' => [array_slice($run, 0, 5), $run],
        ] as $field => $runs) {
            try {
                SpeedCheck::of(...$runs);
                self::fail("{$field} taken");
            } catch (InvalidValue $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
        $still = array_map(static fn (array $sample): array => ['log' => 0.0] + $sample, $run);
        $this->expectException(InvalidValue::class);
        SpeedCheck::of($still, array_map(static fn (array $s): array => ['heading' => 220.0] + $s, $still));
    }

    /**
     * @param  array{float, float}  $current
     * @return list<array{log: float, heading: float, ground: float, course: float}>
     */
    private static function sailed(float $factor, array $current, float $heading, float $noise = 0.0): array
    {
        $normal = static fn (): float => $noise * sqrt(-2.0 * log(mt_rand(1, mt_getrandmax()) / mt_getrandmax()))
            * cos(2 * M_PI * mt_rand() / mt_getrandmax());
        $run = [];
        for ($i = 0; $i < 60; $i++) {
            $log = 1.0 + 0.1 * sin($i);
            $north = $factor * $log * cos(deg2rad($heading)) + $current[0] + $normal();
            $east = $factor * $log * sin(deg2rad($heading)) + $current[1] + $normal();
            $run[] = [
                'log' => $log, 'heading' => $heading, 'ground' => hypot($north, $east), 'course' => rad2deg(atan2($east, $north)),
            ];
        }

        return $run;
    }
}
