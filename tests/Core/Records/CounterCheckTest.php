<?php

declare(strict_types=1);

namespace Tests\Core\Records;

use Admek\Core\InvalidValue;
use Admek\Core\Records\CounterCheck;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;

final class CounterCheckTest extends TestCase
{
    public function test_what_it_shows_is_told_and_how_to_set_it(): void
    {
        $says = static fn (float $pulled, float $read): string => CounterCheck::of($pulled, $read)->says()->in(Units::Metric);
        self::assertSame('It shows what is out, within one in a hundred.', $says(30.0, 30.2));
        self::assertSame('It shows too much: set 33 m for 30 m out. The deck card counts it in.', $says(30.0, 33.0));
        self::assertSame('It shows too little: set 27 m for 30 m out. The deck card counts it in.', $says(30.0, 27.0));
        self::assertEqualsWithDelta(1.1, CounterCheck::of(30.0, 33.0)->factor, 1e-12);
    }

    public function test_too_little_pulled_or_a_counter_that_does_not_work_is_refused(): void
    {
        $refused = [[2.0, 2.0, 'pulled'], [30.0, 90.0, 'read'], [30.0, 3.0, 'read'], [30.0, -30.0, 'read']];
        foreach ($refused as [$pulled, $read, $field]) {
            try {
                CounterCheck::of($pulled, $read);
                self::fail("{$pulled} {$read} taken");
            } catch (InvalidValue $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
    }
}
