<?php

declare(strict_types=1);

namespace Tests\Feature;

use DateTimeZone;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Clock\NativeClock;

/** The stand-ins do what the packages they stand in for promise. */
final class StandInsTest extends TestCase
{
    public function test_array_ends(): void
    {
        self::assertSame([1, 3], [array_first([5 => 1, 2, 3]), array_last([5 => 1, 2, 3])]);
        self::assertSame(['x', 'y'], [array_first(['a' => 'x', 'b' => 'y']), array_last(['a' => 'x', 'b' => 'y'])]);
        self::assertSame([null, null], [array_first([]), array_last([])]);
    }

    public function test_handlers_are_told_and_left_in_place(): void
    {
        $handler = static fn (int $level, string $said): bool => true;
        $catcher = static function (\Throwable $thrown): void {
        };
        set_error_handler($handler);
        set_exception_handler($catcher);
        try {
            for ($asked = 0; $asked < 2; $asked++) {
                self::assertSame([$handler, $catcher], [get_error_handler(), get_exception_handler()]);
            }
        } finally {
            restore_error_handler();
            restore_exception_handler();
        }
    }

    public function test_the_clock_tells_the_time_in_its_zone(): void
    {
        $before = time();
        $clock = new NativeClock('UTC');
        $elsewhere = $clock->withTimeZone(new DateTimeZone('Pacific/Auckland'));

        self::assertGreaterThanOrEqual($before, $clock->now()->getTimestamp());
        self::assertSame('UTC', $clock->now()->getTimezone()->getName());
        self::assertSame('Pacific/Auckland', $elsewhere->now()->getTimezone()->getName());
        $start = hrtime(true);
        $clock->sleep(0.01);
        self::assertGreaterThanOrEqual(10_000_000, hrtime(true) - $start);
    }
}
