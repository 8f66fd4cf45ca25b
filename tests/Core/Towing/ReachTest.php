<?php

declare(strict_types=1);

namespace Tests\Core\Towing;

use Admek\Core\Towing\Reach;
use PHPUnit\Framework\TestCase;

final class ReachTest extends TestCase
{
    public function test_it_finds_the_control_of_a_depth(): void
    {
        $reach = Reach::find(static fn (float $out): float => 12.0 * (1 - exp(-$out / 30.0)), 8.0, 2.0, 150.0);

        self::assertTrue($reach->reached);
        self::assertEqualsWithDelta(-30.0 * log(1 - 8.0 / 12.0), $reach->control, 0.05);
        self::assertEqualsWithDelta(8.0, $reach->depth, 0.005);
    }

    public function test_what_cannot_be_reached_tells_the_deepest(): void
    {
        $reach = Reach::find(static fn (float $out): float => 10.0 - ($out - 60.0) ** 2 / 500.0, 14.0, 2.0, 150.0);

        self::assertFalse($reach->reached);
        self::assertEqualsWithDelta(60.0, $reach->control, 8.0);
        self::assertEqualsWithDelta(10.0, $reach->depth, 0.2);
    }

    public function test_what_already_runs_deeper_tells_the_shallowest(): void
    {
        $reach = Reach::find(static fn (float $out): float => $out, 1.0, 3.0, 150.0);

        self::assertFalse($reach->reached);
        self::assertSame([3.0, 3.0], [$reach->control, $reach->depth]);
    }

    public function test_a_wanted_depth_at_the_very_end_of_the_range_is_reached(): void
    {
        $reach = Reach::find(static fn (float $out): float => 0.5 * $out, 75.0, 2.0, 150.0);

        self::assertTrue($reach->reached);
        self::assertEqualsWithDelta(150.0, $reach->control, 0.02);
    }
}
