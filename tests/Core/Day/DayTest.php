<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Admek\Core\Day\Bite;
use Admek\Core\Day\Day;
use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use Admek\Core\Day\Fish;
use Admek\Core\Day\LineState;
use Admek\Core\InvalidValue;
use Admek\Core\Records\Outcome;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What follows from the events of a day. */
final class DayTest extends TestCase
{
    private const MINUTE = 60.0;

    public function test_lines_are_set_bitten_and_brought_in(): void
    {
        $day = Day::of($this->morning());

        self::assertSame(
            ['P1' => LineState::Fishing, 'P3' => LineState::InBoat, 'S3' => LineState::FishOn, 'S1' => LineState::Fishing],
            array_map(static fn ($line): LineState => $line->state, $day->lines),
        );
        // P1 90 min; P3 until its fish bit at 40; S3 until its own at 80; S1 from 5, bitten at 20 and missed, so to the end.
        self::assertEqualsWithDelta([1.5, 38 / 60, 76 / 60, 85 / 60], [
            $day->lineHours(90 * self::MINUTE, 'P1'), $day->lineHours(90 * self::MINUTE, 'P3'),
            $day->lineHours(90 * self::MINUTE, 'S3'), $day->lineHours(90 * self::MINUTE, 'S1'),
        ], 1e-9);
        self::assertEqualsWithDelta((90 + 38 + 76 + 85) / 60, $day->lineHours(90 * self::MINUTE), 1e-9);
        self::assertSame([['king', Outcome::Landed, true], [null, Outcome::Missed, null], [null, Outcome::Hooked, null]], [
            self::told($day, 'bite-p3'), self::told($day, 'bite-s1'), self::told($day, 'bite-s3'),
        ]);
        self::assertSame(['king' => ['landed' => 1, 'kept' => 1, 'released' => 0]], $day->fish());
        self::assertSame(
            ['bite-s1' => true, 'bite-p3' => true, 'bite-s3' => false],
            array_map(static fn (Bite $bite): bool => $bite->ended, $day->bites),
        );
        self::assertSame('bite-s3', $day->lines['S3']->bite);
        self::assertSame(20 * self::MINUTE, $day->lines['S1']->seen, 'a bitten line is begun anew');
    }

    public function test_what_a_wrong_clock_told_is_moved_together_and_back_where_that_is_taken_back(): void
    {
        $hour = 60 * self::MINUTE;
        $year = 365 * 24 * $hour;
        $events = [
            new Event('a', EventKind::Out, 0.0, 'P1'), new Event('b', EventKind::Bite, $hour - $year, 'P1'),
            new Event('c', EventKind::Landed, $hour - $year + 60.0, of: 'b', tells: ['species' => 'king']),
            new Event('d', EventKind::In, 3 * $hour, 'P1'),
        ];
        $moved = new Event('m', EventKind::Moved, 900 * $hour, tells: ['by' => $year, 'events' => ['b', 'c', 'nobody’s']]);
        $again = new Event('n', EventKind::Moved, 901 * $hour, tells: ['by' => $hour, 'events' => ['b', 'c']]);
        $back = new Event('v', EventKind::Void, 902 * $hour, of: 'n');
        $told = static function (Event ...$more) use ($events, $hour): array {
            $day = Day::of([...$events, ...array_values($more)]);

            return [array_column($day->log, 'at', 'id'), $day->lineHours(3 * $hour)];
        };
        self::assertSame($hour, $told($moved)[0]['b']);
        self::assertSame(['a', 'b', 'c', 'd', 'm'], array_keys($told($moved)[0]));
        self::assertEqualsWithDelta(1.0, $told($moved)[1], 1e-9, 'it fished until it was bitten');
        self::assertSame([2 * $hour, 2 * $hour + 60.0], [$told($moved, $again)[0]['b'], $told($again, $moved)[0]['c']]);
        self::assertSame([...$told($moved)[0]], [...$told($back, $moved, $again)[0]]);
        self::assertSame($hour - $year, $told()[0]['b']);
    }

    public function test_neither_the_order_events_come_in_nor_how_often_changes_the_day(): void
    {
        $events = $this->morning();
        $day = Day::of($events);
        for ($seed = 1; $seed <= 50; $seed++) {
            mt_srand($seed);
            $mixed = [...$events, ...array_slice($events, mt_rand(0, 5), mt_rand(1, 6))];
            shuffle($mixed);
            self::assertEquals($day, Day::of($mixed));
        }
    }

    public function test_what_is_taken_back_never_was_and_a_taking_back_may_be_taken_back(): void
    {
        $events = $this->morning();
        $void = static fn (string $id, string $of): Event => new Event($id, EventKind::Void, 95 * self::MINUTE, of: $of);
        $plain = static fn (array $events): Day => Day::of(array_values($events));
        foreach ($events as $event) {
            $rest = array_filter($events, static fn (Event $other): bool => $other !== $event);
            self::assertEquals($plain($rest), $plain([...$events, $void('v', $event->id)]), $event->id);
            self::assertEquals($plain($events), $plain([$void('w', 'v'), ...$events, $void('v', $event->id)]), $event->id);
            $again = [$void('x', 'w'), $void('w', 'v'), ...$events, $void('v', $event->id), $void('v2', $event->id)];
            self::assertEquals($plain($rest), $plain($again));
        }
        self::assertEquals(
            $plain($events), $plain([...$events, $void('a', 'b'), $void('b', 'a')]), 'a ring of them does no harm',
        );
        self::assertEquals($plain($events), $plain([...$events, $void('a', 'nobody’s')]));
        $ring = [
            $void('a', 'b'), $void('b', 'a'), $void('c', $events[0]->id), $void('d', 'c'), $void('c2', 'd'),
        ];
        for ($seed = 1; $seed <= 20; $seed++) {
            mt_srand($seed);
            shuffle($ring);
            self::assertEquals($plain($events), $plain([...$ring, ...$events]), 'c2 is named before d, and is nothing to it');
        }
    }

    public function test_a_fouled_line_does_not_fish_until_it_is_cleared(): void
    {
        $day = Day::of([
            self::at(0, 'out', EventKind::Out, 'P1'), self::at(30, 'foul', EventKind::Fouled, 'P1'),
            self::at(40, 'clear', EventKind::Checked, 'P1'), self::at(60, 'in', EventKind::In, 'P1'),
        ]);
        self::assertEqualsWithDelta(50 / 60, $day->lineHours(1e9), 1e-9);
        self::assertSame(LineState::Fouled, Day::of([
            self::at(0, 'out', EventKind::Out, 'P1'), self::at(30, 'foul', EventKind::Fouled, 'P1'),
        ])->lines['P1']->state);
        $broken = Day::of([
            self::at(0, 'out', EventKind::Out, 'P1'), self::at(30, 'foul', EventKind::Fouled, 'P1'),
            self::at(34, 'gone', EventKind::GearLost, 'P1'),
        ]);
        self::assertSame(LineState::InBoat, $broken->lines['P1']->state);
        self::assertEqualsWithDelta(0.5, $broken->lineHours(1e9), 1e-9);
        self::assertSame(['gone'], array_column($broken->all(EventKind::GearLost), 'id'));
        self::assertContains(EventKind::GearLost, LineState::Fouled->takes());
    }

    public function test_a_swap_begins_another_spell_of_the_line_as_it_is_then(): void
    {
        $day = Day::of([
            self::at(0, 'out', EventKind::Out, 'P1', tells: ['lure' => 'one', 'set_up' => []]),
            self::at(30, 'swap', EventKind::Swap, 'P1', tells: ['lure' => 'two', 'set_up' => []]),
            self::at(45, 'in', EventKind::In, 'P1'),
            self::at(50, 'again', EventKind::Swap, 'P1', tells: ['lure' => 'three', 'set_up' => []]),
        ]);
        self::assertSame([['one', 0.5], ['two', 0.25]], array_map(
            static fn ($spell): array => [$spell->line?->lure, $spell->hours(1e9)], $day->spells,
        ));
        self::assertSame([LineState::InBoat, 'three'], [$day->lines['P1']->state, $day->lines['P1']->line?->lure]);
    }

    public function test_what_was_told_of_a_line_stays_with_its_rod_until_it_is_told_to_be_as_planned(): void
    {
        $morning = [
            self::at(0, 'out', EventKind::Out, 'P2', tells: ['lure' => 'planned', 'set_up' => []]),
            self::at(10, 'swap', EventKind::Swap, 'P2', tells: ['lure' => 'swapped', 'set_up' => []]),
            self::at(20, 'bite', EventKind::Bite, 'P2'), self::at(25, 'end', EventKind::Landed, of: 'bite'),
        ];
        $stands = static fn (Event ...$more): ?string => Day::of([...$morning, ...array_values($more)])
            ->lines['P2']->stands()?->lure;
        self::assertSame('swapped', $stands(), 'landed');
        self::assertSame('swapped', $stands(
            self::at(30, 'again', EventKind::Out, 'P2', tells: ['lure' => 'swapped', 'set_up' => []]),
            self::at(40, 'in', EventKind::In, 'P2'),
        ), 'out and in');
        $asPlanned = self::at(50, 'plan', EventKind::AsPlanned, 'P2', tells: ['lure' => 'planned', 'set_up' => []]);
        self::assertNull($stands($asPlanned), 'in the boat it goes by the plan, whatever that becomes');
        self::assertSame('planned', $stands(
            self::at(30, 'again', EventKind::Out, 'P2', tells: ['lure' => 'swapped', 'set_up' => []]), $asPlanned,
        ), 'out it is what it was told to be');
        self::assertNull(Day::of([
            self::at(0, 'out', EventKind::Out, 'P2', tells: ['lure' => 'planned', 'set_up' => []]),
            self::at(40, 'in', EventKind::In, 'P2'),
        ])->lines['P2']->stands(), 'nothing was told otherwise');
    }

    public function test_after_the_day_was_ended_nothing_fishes(): void
    {
        $events = [
            self::at(0, 'out', EventKind::Out, 'P1'), self::at(5, 'out2', EventKind::Out, 'P2'),
            self::at(30, 'in', EventKind::In, 'P1'), self::at(60, 'end', EventKind::Ended),
        ];
        $day = Day::of($events);
        self::assertEqualsWithDelta((30 + 55) / 60, $day->lineHours(1e9), 1e-9);
        self::assertSame([LineState::InBoat, LineState::InBoat], [$day->lines['P1']->state, $day->lines['P2']->state]);
        $on = Day::of([...$events, self::at(61, 'no', EventKind::Void, of: 'end')]);
        self::assertSame(LineState::Fishing, $on->lines['P2']->state, 'taken back it goes on');
    }

    public function test_a_bite_nobody_set_a_line_for_is_kept_all_the_same(): void
    {
        $day = Day::of([
            self::at(1, 'b', EventKind::Bite, 'P1'), self::at(1, 'a', EventKind::Landed, of: 'b', tells: ['species' => 'king']),
        ]);
        self::assertSame([Outcome::Landed, 'king'], [$day->bites['b']->outcome, $day->bites['b']->fish->species]);
        self::assertSame([LineState::InBoat, 0.0], [$day->lines['P1']->state, $day->lineHours(1e9)]);
        // What came of a bite that has not come in yet waits for it.
        self::assertSame([], Day::of([self::at(1, 'a', EventKind::Landed, of: 'b')])->bites);
    }

    public function test_what_is_told_of_a_fish_later_is_added_and_nothing_told_is_lost(): void
    {
        $bite = Day::of([
            self::at(1, 'b', EventKind::Bite, 'P1'),
            self::at(2, 'c', EventKind::Landed, of: 'b', tells: ['species' => 'king', 'length' => 0.8, 'weight' => null]),
            self::at(9, 'd', EventKind::Kept, of: 'b', tells: ['species' => null, 'weight' => 5.5]),
        ])->bites['b'];
        self::assertEquals(new Fish('king', 0.8, weight: 5.5), $bite->fish);
        self::assertSame([Outcome::Landed, true], [$bite->outcome, $bite->kept]);
    }

    public function test_what_came_of_a_bite_came_after_it_whatever_the_clocks_say(): void
    {
        $day = Day::of([
            self::at(0, 'e0', EventKind::Out, 'P1'), self::at(30, 'e1', EventKind::Bite, 'P1'),
            self::at(30, 'e2', EventKind::Hooked, of: 'e1'),
            self::at(10, 'e3', EventKind::Released, of: 'e1', tells: ['species' => 'coho']),
        ]);
        self::assertSame([Outcome::Landed, false, 'coho'], [
            $day->bites['e1']->outcome, $day->bites['e1']->kept, $day->bites['e1']->fish->species,
        ]);
        self::assertSame([LineState::InBoat, 30 * self::MINUTE], [$day->lines['P1']->state, $day->lines['P1']->since]);
        self::assertEqualsWithDelta(0.5, $day->lineHours(1e9), 1e-9);
    }

    public function test_what_is_kept_or_released_was_landed(): void
    {
        foreach ([EventKind::Kept, EventKind::Released] as $kind) {
            $bite = Day::of([self::at(1, 'b', EventKind::Bite, 'P1'), self::at(2, 'c', $kind, of: 'b')])->bites['b'];
            self::assertSame([Outcome::Landed, true, $kind === EventKind::Kept], [$bite->outcome, $bite->ended, $bite->kept]);
        }
    }

    #[TestWith([EventKind::Out, 'holder'])]
    #[TestWith([EventKind::Bite, 'holder'])]
    #[TestWith([EventKind::Landed, 'of'])]
    #[TestWith([EventKind::Void, 'of'])]
    public function test_an_event_of_nothing_is_refused(EventKind $kind, string $field): void
    {
        try {
            new Event('a', $kind, 0.0);
            self::fail('taken');
        } catch (InvalidValue $invalid) {
            self::assertSame($field, $invalid->field);
        }
    }

    public function test_what_each_event_leaves_a_line_in_is_what_the_day_says_then(): void
    {
        foreach (LineState::cases() as $state) {
            $before = match ($state) {
                LineState::InBoat => [self::at(0, 'o', EventKind::Out, 'P1'), self::at(1, 'i', EventKind::In, 'P1')],
                LineState::Fishing => [self::at(0, 'o', EventKind::Out, 'P1')],
                LineState::FishOn => [self::at(0, 'o', EventKind::Out, 'P1'), self::at(1, 'b', EventKind::Bite, 'P1')],
                LineState::Fouled => [self::at(0, 'o', EventKind::Out, 'P1'), self::at(1, 'f', EventKind::Fouled, 'P1')],
            };
            self::assertSame($state, Day::of($before)->lines['P1']->state);
            foreach ($state->takes() as $kind) {
                $event = $kind->isOfBite() ? self::at(2, 'e', $kind, of: 'b') : self::at(2, 'e', $kind, 'P1');
                $cleared = $state === LineState::Fouled && $kind === EventKind::Checked;
                self::assertSame(
                    $cleared ? LineState::Fishing : ($kind->leaves() ?? $state),
                    Day::of([...$before, $event])->lines['P1']->state,
                    "{$state->value} {$kind->value}",
                );
            }
        }
    }

    public function test_fish_kept_count_against_the_bag_and_the_speed_is_the_last_told(): void
    {
        $day = Day::of([
            ...$this->morning(), self::at(3, 's1', EventKind::Speed, tells: ['speed' => 1.1]),
            self::at(30, 's2', EventKind::Speed, tells: ['speed' => 0.9]),
        ]);
        self::assertSame([
            ['species' => 'king', 'kept' => 1, 'bag' => 1, 'full' => true],
            ['species' => 'coho', 'kept' => 0, 'bag' => 3, 'full' => false],
        ], $day->bags(['king' => 1, 'coho' => 3]));
        self::assertSame([0.9, null], [$day->speed(), Day::of($this->morning())->speed()]);
    }

    public function test_every_outcome_is_told_by_an_event_and_back(): void
    {
        foreach (Outcome::cases() as $outcome) {
            self::assertSame($outcome, EventKind::ofOutcome($outcome)->outcome());
        }
    }

    /** @return list<Event> */
    private function morning(): array
    {
        return [
            self::at(0, 'out-p1', EventKind::Out, 'P1', tells: ['lure' => 'spoon', 'set_up' => []]),
            self::at(2, 'out-p3', EventKind::Out, 'P3'), self::at(4, 'out-s3', EventKind::Out, 'S3'),
            self::at(5, 'out-s1', EventKind::Out, 'S1'), self::at(20, 'bite-s1', EventKind::Bite, 'S1'),
            self::at(20, 'missed', EventKind::Missed, of: 'bite-s1'), self::at(25, 'check', EventKind::Checked, 'P1'),
            self::at(40, 'bite-p3', EventKind::Bite, 'P3', tells: ['speed' => 1.03]),
            self::at(41, 'hooked', EventKind::Hooked, of: 'bite-p3'), self::at(50, 'landed', EventKind::Landed, of: 'bite-p3'),
            self::at(51, 'kept', EventKind::Kept, of: 'bite-p3', tells: ['species' => 'king']),
            self::at(80, 'bite-s3', EventKind::Bite, 'S3'), self::at(85, 'note', EventKind::Note, tells: ['note' => 'rain']),
        ];
    }

    /** @param  array<string, mixed>  $tells */
    private static function at(
        int $minutes, string $id, EventKind $kind, ?string $holder = null, ?string $of = null, array $tells = [],
    ): Event {
        return new Event($id, $kind, $minutes * self::MINUTE, $holder, $of, $tells);
    }

    /** @return array{mixed, Outcome, ?bool} */
    private static function told(Day $day, string $bite): array
    {
        return [$day->bites[$bite]->fish->species, $day->bites[$bite]->outcome, $day->bites[$bite]->kept];
    }
}
