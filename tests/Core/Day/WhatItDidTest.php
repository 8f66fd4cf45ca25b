<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Admek\Core\Day\Day;
use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use Admek\Core\Day\WhatItDid;
use PHPUnit\Framework\TestCase;

/** What was changed, and what bit before it and after. */
final class WhatItDidTest extends TestCase
{
    public function test_each_change_is_told_with_what_its_rods_were_bitten_before_and_after(): void
    {
        $m = 60.0;
        $day = Day::of([
            new Event('a', EventKind::Out, 0 * $m, 'P1'), new Event('b', EventKind::Out, 0 * $m, 'S1'),
            new Event('c', EventKind::Bite, 10 * $m, 'S1'), new Event('d', EventKind::Missed, 11 * $m, of: 'c'),
            // Two rods let out together, which is one change; then speed, of all rods.
            new Event('e', EventKind::LetOut, 30 * $m, 'P1'), new Event('f', EventKind::LetOut, 31 * $m, 'S1'),
            new Event('g', EventKind::Bite, 50 * $m, 'P1'), new Event('h', EventKind::Missed, 51 * $m, of: 'g'),
            new Event('i', EventKind::Bite, 55 * $m, 'S1'), new Event('j', EventKind::Missed, 56 * $m, of: 'i'),
            new Event('k', EventKind::Speed, 60 * $m, tells: ['speed' => 1.2]),
            new Event('l', EventKind::Swap, 200 * $m, 'S1'), new Event('m', EventKind::Checked, 210 * $m, 'S1'),
        ]);
        [$out, $speed, $swap] = WhatItDid::of($day, 220 * $m);
        self::assertSame([['P1', 'S1'], 30 * $m], [$out->holders, $out->at]);
        self::assertEqualsWithDelta([1.0, 1, 1.0, 2], [...array_values($out->before), ...array_values($out->after)], 1e-3);
        self::assertSame([[], 'speed'], [$speed->holders, $speed->words]);
        self::assertSame([2, 0], [$speed->before['bites'], $speed->after['bites']], 'until the change before it');
        self::assertEqualsWithDelta(80 / 60, $speed->after['hours'], 1e-3, 'two lines for forty minutes');
        $hours = [$swap->before['hours'], $swap->after['hours']];
        self::assertEqualsWithDelta([40 / 60, 20 / 60], $hours, 1e-3, 'its own rod, until now');
        self::assertSame([], WhatItDid::of(Day::of([]), 0.0));
    }
}
