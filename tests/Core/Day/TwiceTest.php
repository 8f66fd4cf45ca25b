<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Admek\Core\Day\Day;
use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use PHPUnit\Framework\TestCase;

/** Two phones that tell of one fish. */
final class TwiceTest extends TestCase
{
    public function test_two_bites_on_one_rod_by_two_hands_are_offered_as_one(): void
    {
        $events = [self::bite('a', 0.0), self::bite('b', 45.0), new Event('e', EventKind::Landed, 300.0, of: 'b')];
        self::assertSame([['one' => 'b', 'other' => 'a']], Day::of($events)->twice(['a' => 'Helm', 'b' => 'Cockpit']));
        self::assertSame(
            [['one' => 'a', 'other' => 'b']], Day::of(array_slice($events, 0, 2))->twice(['a' => 'Helm', 'b' => 'Cockpit']),
        );
        $one = Day::of([...$events, new Event('v', EventKind::Void, 400.0, of: 'a')]);
        self::assertSame([], $one->twice(['a' => 'Helm', 'b' => 'Cockpit']), 'once they are one');
        self::assertCount(1, $one->bites);
    }

    public function test_what_one_hand_told_or_came_later_or_on_another_rod_is_two_fish(): void
    {
        $who = ['a' => 'Helm', 'b' => 'Cockpit'];
        self::assertSame([], Day::of([self::bite('a', 0.0), self::bite('b', 45.0)])->twice(['a' => 'Helm', 'b' => 'Helm']));
        self::assertSame([], Day::of([self::bite('a', 0.0), self::bite('b', 130.0)])->twice($who));
        self::assertSame([], Day::of([self::bite('a', 0.0), self::bite('b', 45.0, 'S3')])->twice($who));
    }

    private static function bite(string $id, float $at, string $rod = 'P3'): Event
    {
        return new Event($id, EventKind::Bite, $at, $rod);
    }
}
