<?php

declare(strict_types=1);

namespace Tests\Core\TrueUp;

use Admek\Core\TrueUp\Trace;
use PHPUnit\Framework\TestCase;

/** Depths out of a logger's trace. */
final class TraceTest extends TestCase
{
    public function test_the_depth_is_where_it_settled_and_says_why_where_it_did_not(): void
    {
        $points = [];
        for ($at = 0; $at < 1000; $at += 10) {
            // Down in two minutes, a jump to the surface now and then, up in the last.
            $points[] = [(float) $at, $at % 200 === 190 ? 0.1 : min(20.0, $at / 6, (1000 - $at) / 3)];
        }
        foreach (range(2000, 2990, 10) as $at) {
            $points[] = [(float) $at, 10.0 + 6.0 * sin($at / 40)];
        }
        foreach (range(4000, 4990, 10) as $at) {
            $points[] = [(float) $at, 0.05];
        }
        $told = Trace::readings($points, [
            ['from' => 0.0, 'until' => 1000.0], ['from' => 2000.0, 'until' => 3000.0], ['from' => 4000.0, 'until' => 5000.0],
            ['from' => 6000.0, 'until' => 7000.0], ['from' => 900.0, 'until' => 950.0],
        ]);
        self::assertEqualsWithDelta([20.0, null, null, null, null], array_column($told, 'depth'), 1e-9);
        self::assertSame([
            null, 'It wandered too far to tell one depth.', 'The logger lay at the surface all the while.',
            'Too few readings while the line was settled.', 'Too few readings while the line was settled.',
        ], array_column($told, 'says'));
        self::assertSame([], Trace::readings($points, []));
    }
}
