<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Admek\Core\Day\Day;
use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use Admek\Core\Day\LineSet;
use Admek\Core\Day\Piece;
use Admek\Core\Day\Spell;
use PHPUnit\Framework\TestCase;

/** A day's line-hours cut wherever something changed. */
final class PieceTest extends TestCase
{
    private const MINUTE = 60.0;

    public function test_cuts_lose_no_line_hours_and_every_bite_is_of_the_piece_it_bit_in(): void
    {
        $m = self::MINUTE;
        $day = Day::of([
            new Event('1', EventKind::Out, 0 * $m, 'P1'), new Event('2', EventKind::Out, 5 * $m, 'S1'),
            new Event('3', EventKind::Bite, 40 * $m, 'P1'), new Event('4', EventKind::Landed, 44 * $m, of: '3'),
            new Event('5', EventKind::Out, 50 * $m, 'P1'), new Event('6', EventKind::Bite, 62 * $m, 'S1'),
            new Event('7', EventKind::Missed, 63 * $m, of: '6'), new Event('8', EventKind::Swap, 70 * $m, 'S1'),
            new Event('9', EventKind::Bite, 90 * $m, 'S1'),
            new Event('10', EventKind::Speed, 20 * $m, tells: ['speed' => 1.1]),
        ]);
        $pieces = Piece::of($day, $day->spells, 100 * $m, [55 * $m, 300 * $m, -5.0]);
        $told = array_map(static fn (Piece $piece): array => [
            $piece->holder, $piece->from / 60, $piece->until / 60, array_column($piece->bites, 'id'),
        ], $pieces);
        self::assertEquals([
            ['P1', 0, 20, []], ['P1', 20, 30, []], ['P1', 30, 40, ['3']],
            ['S1', 5, 20, []], ['S1', 20, 30, []], ['S1', 30, 55, []], ['S1', 55, 60, []], ['S1', 60, 70, ['6']],
            ['P1', 50, 55, []], ['P1', 55, 60, []], ['P1', 60, 90, []], ['P1', 90, 100, []], ['S1', 70, 90, ['9']],
        ], $told, 'by the half-hour, where the speed was told to be another, and where she went otherwise');
        $hours = array_sum(array_map(static fn (Piece $piece): float => $piece->hours(), $pieces));
        self::assertEqualsWithDelta($day->lineHours(100 * $m), $hours, 1e-9);
    }

    public function test_a_day_told_by_its_bites_alone_is_taken_to_have_been_fished_as_it_was_planned(): void
    {
        $planned = static fn (): array => ['P1' => new LineSet('Reel', 'Amber Wren', 'amber', [])];
        $day = Day::of([new Event('1', EventKind::Bite, 800.0, 'P1')]);
        $spells = $day->fished($planned, 900.0, 5000.0);
        self::assertEquals([new Spell('P1', $planned()['P1'], 800.0, 5000.0)], $spells, 'from its first bite on at the latest');
        self::assertSame(600.0, $day->fished($planned, 600.0, 5000.0)[0]->from);

        $asked = static fn (): array => self::fail('Nothing planned is asked for.');
        self::assertSame([], Day::of([])->fished($asked, 0.0, 5000.0), 'nothing bit');
        $set = Day::of([new Event('1', EventKind::Out, 100.0, 'P1'), new Event('2', EventKind::Bite, 800.0, 'P1')]);
        self::assertSame($set->spells, $set->fished($asked, 0.0, 5000.0), 'what was told stands');
    }

    public function test_a_day_on_which_nothing_was_set_has_none(): void
    {
        $day = Day::of([new Event('1', EventKind::Note, 3.0), new Event('2', EventKind::Bite, 8.0, 'P1')]);
        self::assertSame([], Piece::of($day, $day->spells, 100.0, [50.0]));
        $taken = Piece::of($day, [new Spell('P1', null, 0.0, 60.0)], 100.0, []);
        self::assertSame(['2'], array_column($taken[0]->bites, 'id'), 'as it is taken to have been fished');
    }
}
