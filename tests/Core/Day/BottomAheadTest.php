<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Admek\Core\Day\BottomAhead;
use Admek\Core\Day\Contact;
use Admek\Core\Ground\Ahead;
use Admek\Core\Ground\BottomGrid;
use Admek\Core\Ground\Place;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

final class BottomAheadTest extends TestCase
{
    public function test_it_is_met_when_the_lure_gets_there_not_when_the_boat_does(): void
    {
        $line = self::runs(self::rigger('P5', 30.0), 1.0);
        [$lag, , $depth] = $line->solution->bodies['ball'];
        // A step up to just over the ball, 200 m ahead of her.
        $step = Bottom::profile([
            ['along' => 0.0, 'depth' => 60.0], ['along' => 399.9, 'depth' => 60.0], ['along' => 400.0, 'depth' => $depth - 1.0],
            ['along' => 900.0, 'depth' => $depth - 1.0],
        ])->from(200.0);
        [$contact] = BottomAhead::contacts([$line], [], new SpreadLimits(bottom: $step), 2.0, 1.0);
        self::assertTrue($contact->touches);
        self::assertEqualsWithDelta((200.0 + $lag) / 2.0, $contact->seconds, 1.0);
        self::assertGreaterThan(1.0, $contact->lift);
        self::assertSame([], BottomAhead::contacts([$line], [], new SpreadLimits(bottom: Bottom::flat(60.0)), 2.0, 1.0));
    }

    public function test_what_hangs_clear_as_she_goes_and_touches_slowed_is_told_before_she_is_slowed(): void
    {
        $core = Lines::planned([Lines::line('C1', 'core', ['colours' => 8.0])])[0];
        [$now, $slow] = [self::runs($core, 1.1), self::runs($core, 0.5)];
        $bottom = 0.5 * ($now->depth() + $slow->depth());
        $contacts = BottomAhead::contacts([$now], [$slow], new SpreadLimits(bottom: Bottom::flat($bottom)), 1.1, 0.5);
        self::assertSame([['C1', null, 0.0]], array_map(
            static fn (Contact $c): array => [$c->holder, $c->seconds, $c->slowed], $contacts,
        ));
        self::assertSame('C1 may reach bottom now if she is slowed.', $contacts[0]->words()->in(Units::Us));
        self::assertSame(
            'Keep way on, or lift C1 first: slowed, C1 may reach bottom now.', BottomAhead::way($contacts)->in(Units::Us),
        );
        self::assertSame('She may be slowed: nothing touches.', BottomAhead::way([])->in(Units::Us));
    }

    public function test_what_only_comes_near_as_she_goes_and_touches_slowed_keeps_way_on(): void
    {
        $core = Lines::planned([Lines::line('C1', 'core', ['colours' => 8.0])])[0];
        [$now, $slow] = [self::runs($core, 1.1), self::runs($core, 0.5)];
        // Nearer than wanted as she goes, and on bottom slowed.
        $limits = new SpreadLimits(bottom: Bottom::flat(0.5 * ($now->depth() + $slow->depth())), clearance: 20.0);
        [$contact] = BottomAhead::contacts([$now], [$slow], $limits, 1.1, 0.5);
        self::assertSame([0.0, false, 0.0], [$contact->seconds, $contact->touches, $contact->slowed]);
        self::assertStringStartsWith('Keep way on', BottomAhead::way([$contact])->in(Units::Us));
    }

    public function test_what_is_within_its_doubt_of_the_bottom_slowed_may_reach_it(): void
    {
        $core = Lines::planned([Lines::line('C1', 'core', ['colours' => 8.0])])[0];
        [$now, $slow] = [self::runs($core, 1.1), (new SpreadSolver)->run($core, new Conditions(0.5), withDoubt: false)];
        $over = static fn (float $share): array => BottomAhead::contacts([$now], [$slow], new SpreadLimits(
            bottom: Bottom::flat($slow->depth() + $share * ($now->doubt->deeper ?? 0.0)), clearance: 0.0,
        ), 1.1, 0.5);
        self::assertSame([0.0], array_column($over(0.9), 'slowed'));
        self::assertSame([], $over(1.1));
    }

    public function test_the_soonest_comes_first_and_is_said_with_how_much_to_lift(): void
    {
        $lines = [self::runs(self::rigger('S5', 20.0), 1.0), self::runs(self::rigger('P5', 30.0), 1.0)];
        $rising = Bottom::profile([['along' => 0.0, 'depth' => 60.0], ['along' => 1000.0, 'depth' => 10.0]])->from(100.0);
        $contacts = BottomAhead::contacts($lines, [], new SpreadLimits(bottom: $rising, clearance: 2.0), 1.0, 1.0);
        self::assertSame(['P5', 'S5'], array_column($contacts, 'holder'));
        self::assertMatchesRegularExpression(
            '/^P5 reaches bottom in \d+ min: up \d+ ft\.$/', $contacts[0]->words()->in(Units::Us),
        );
    }

    public function test_the_bottom_along_a_course_is_the_chart_s(): void
    {
        $grid = BottomGrid::of(45.0, -38.0, 0.01, [[20.0, 20.0, 20.0], [30.0, 30.0, 30.0], [40.0, 40.0, 40.0]]);
        $here = new Place(45.005, -37.99);
        $north = Ahead::profile($grid, $here, 0.0, 100.0, 500.0);
        self::assertSame(range(0.0, 600.0, 20.0), array_column($north, 'along'));
        foreach ([0.0, 100.0, 600.0] as $along) {
            $at = array_column($north, 'depth', 'along')[(int) $along] ?? null;
            self::assertEqualsWithDelta($grid->at($here->moved(0.0, $along - 100.0)), $at, 1e-9, "{$along}");
        }
        foreach (Ahead::profile($grid, $here, 90.0, 0.0, 300.0) as ['depth' => $depth]) {
            self::assertEqualsWithDelta(25.0, $depth, 0.01, 'along a contour');
        }
        // Off the edge ahead it ends; off the chart altogether it is none.
        $edge = array_column(Ahead::profile($grid, new Place(45.018, -37.99), 0.0, 100.0, 500.0), 'along');
        self::assertContains(100.0, $edge);
        self::assertNotContains(600.0, $edge);
        self::assertSame([], Ahead::profile($grid, new Place(46.0, -37.99), 0.0, 100.0, 500.0));

        // The sounder reads two metres more than the chart has: so it is all along.
        $known = Ahead::of($grid, $here, 0.0, 27.0, 50.0, 70.0, 500.0);
        self::assertSame(['chart, by the sounder', 100.0], [$known?->by, $known?->behind]);
        self::assertEqualsWithDelta(
            array_map(static fn (float $depth): float => $depth + 2.0, array_column($north, 'depth')),
            array_column($known->profile ?? [], 'depth'), 1e-9,
        );
        self::assertEqualsWithDelta(27.0, $known?->least(), 0.01, 'from where she is on, not what lies astern');
        foreach ([
            ['chart', $grid, $here, 0.0, null, 50.0], ['if it stays so', $grid, $here, null, 27.0, 50.0],
            ['if it stays so', $grid, new Place(46.0, -37.99), 0.0, 27.0, 50.0], ['as planned', null, $here, 0.0, null, 50.0],
        ] as [$by, $chart, $place, $course, $depth, $planned]) {
            self::assertSame($by, Ahead::of($chart, $place, $course, $depth, $planned, 70.0, 500.0)?->by);
        }
        self::assertNull(Ahead::of($grid, null, 0.0, null, null, 70.0, 500.0));
    }

    private static function rigger(string $code, float $out): PlannedLine
    {
        return Lines::planned([Lines::line($code, 'rigger', ['let_out' => $out])])[0];
    }

    private static function runs(PlannedLine $line, float $speed): RunningLine
    {
        return (new SpreadSolver)->run($line, new Conditions($speed));
    }
}
