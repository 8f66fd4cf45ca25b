<?php

declare(strict_types=1);

namespace Tests\Core\Instruments;

use Admek\Core\Instruments\EvenClock;
use PHPUnit\Framework\TestCase;

final class EvenClockTest extends TestCase
{
    public function test_hours_asleep_count_and_a_clock_that_is_set_back_does_not(): void
    {
        $clock = new EvenClock;
        $begin = $clock->at(100.0, 5000.0);
        self::assertSame(10.0, $clock->at(110.0, 5010.0) - $begin);
        // A lid closed for an hour: the machine did not count, the clock on the wall did.
        self::assertSame(3611.0, $clock->at(111.0, 8611.0) - $begin);
        self::assertSame(3612.0, $clock->at(112.0, 8612.0) - $begin);
        // Set back by a day, then put right by a second: it goes on.
        self::assertSame(3613.0, $clock->at(113.0, -77_000.0) - $begin);
        self::assertSame(3614.0, $clock->at(114.0, -76_998.0) - $begin);
    }
}
