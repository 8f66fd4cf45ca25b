<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Check\BreachKind;
use Admek\Core\Spread\Check\OutOfReach;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Rigs\ClipWeight;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\FlatLine;
use Admek\Core\Tackle\Rigs\Release;
use Admek\Core\Towing\Side;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;
use Tests\Core\Spread\Support\LinesToLookAt;

/** What touches bottom, is not covered, or is said of a line alone. */
final class BottomAndCoverTest extends TestCase
{
    use LinesToLookAt;

    public function test_bottom_is_touched_within_the_doubt(): void
    {
        $diver = $this->diver('P3', Side::Port, 1.0, -1.0);
        $running = $this->runningLines([$diver])[0];
        $deepest = $running->depth();
        $doubt = $running->doubt->deeper ?? 0.0;

        self::assertSame(
            [], $this->kinds([$diver], BreachKind::Bottom, new SpreadLimits(bottom: Bottom::flat($deepest + $doubt + 0.1))),
        );
        $breach = $this->kinds([$diver], BreachKind::Bottom, new SpreadLimits(bottom: Bottom::flat($deepest + 0.5 * $doubt)))[0];
        self::assertEqualsWithDelta(0.5 * $doubt, $breach->amount, 0.01);
        self::assertEqualsWithDelta($doubt, $breach->wanted, 1e-9);
        self::assertSame([], $this->kinds([$diver], BreachKind::Bottom), 'no bottom entered, none to touch');
    }

    /** A weight that ticks is where it should be; it drags once its let-out is more than the scope over the ground it meets. */
    public function test_a_bottom_rig_may_tick_but_not_drag(): void
    {
        $line = Lines::planned([Lines::line('P4', 'bouncer', [
            'lure' => ['name' => 'harness', 'kind' => 'worm_harness', 'finish' => 'copper'],
        ])])[0];
        $running = (new SpreadSolver)->run($line, new Conditions(0.4));
        ['weight' => $weight, 'lure' => $lure] = $running->solution->bodies;
        $out = $running->planned->rig->control()->value;
        $told = static fn (Bottom $bottom): array => array_map(
            static fn (Breach $breach): array => [
                $breach->kind, $breach->subject, round($breach->amount ?? 0.0, 6), round($breach->ahead ?? 0.0, 6),
            ],
            Breaches::grave([$running], new SpreadLimits(bottom: $bottom)),
        );
        $dragsAt = $out / (new SpreadLimits)->mostScope;
        self::assertLessThan($weight[2] - 0.5, $dragsAt, 'there is room to ride up');

        self::assertSame([], $told(Bottom::flat($weight[2] + 0.01)), 'just over it');
        self::assertSame([], $told(Bottom::flat($weight[2] - 0.3)), 'a foot too much out: it ticks');
        self::assertSame([], $told(Bottom::flat($dragsAt + 0.1)));
        self::assertSame(
            [[BreachKind::Bottom, 'lure', round($dragsAt - 0.1 - $lure[2], 6), 0.0]], $told(Bottom::flat($dragsAt - 0.1)),
            'of the two the lower one is told',
        );
        $rising = Bottom::profile([['along' => 0.0, 'depth' => $weight[2] + 1.0], ['along' => 100.0, 'depth' => $dragsAt - 1.0]]);
        self::assertSame(
            [[BreachKind::Bottom, 'lure', round($dragsAt - 1.0 - $lure[2], 6), round(100.0 + $lure[0], 6)]], $told($rising),
        );
        self::assertNotSame([], $told(Bottom::flat($weight[2] + 0.6)->with(0.5)), 'wood eats it like any other gear');
    }

    public function test_where_it_touches_first_is_told_before_where_it_is_worst(): void
    {
        $diver = $this->diver('P3', Side::Port, 1.0, -1.0);
        $running = $this->runningLines([$diver])[0];
        [$aft, , $deepest] = $running->solution->bodies['lure'];
        // A ledge a foot too high at 300 m, a hill ten feet too high at 900.
        $bottom = Bottom::profile([
            ['along' => 0.0, 'depth' => $deepest + 20.0], ['along' => 300.0, 'depth' => $deepest - 0.3],
            ['along' => 500.0, 'depth' => $deepest + 20.0],
            ['along' => 900.0, 'depth' => $deepest - 3.0], ['along' => 1200.0, 'depth' => $deepest + 20.0],
        ]);
        $breach = $this->kinds([$diver], BreachKind::Bottom, new SpreadLimits(bottom: $bottom))[0];

        self::assertEqualsWithDelta([-3.0, 900.0 + $aft], [$breach->amount, $breach->ahead], 1e-6, 'the worst');
        self::assertNotNull($breach->first);
        self::assertSame('lure', $breach->first->body);
        self::assertEqualsWithDelta(
            300.0 * 20.0 / 20.3 + $aft, $breach->first->ahead, 1e-6, 'the first: on the way up the ledge',
        );
        self::assertEqualsWithDelta(0.0, $breach->first->clearance, 1e-9);

        $clear = $this->kinds(
            [$diver],
            BreachKind::Bottom,
            new SpreadLimits(
                bottom: Bottom::profile(
                    [['along' => 0.0, 'depth' => $deepest + 9.0], ['along' => 100.0, 'depth' => $deepest + 1.0]],
                ),
                clearance: 5.0,
            ),
        )[0];
        self::assertNotNull($clear->first);
        self::assertEqualsWithDelta(
            5.0, $clear->first->clearance, 1e-9, 'where nothing touches, the first place that is nearer than wanted',
        );
        self::assertEqualsWithDelta(50.0 + $aft, $clear->first->ahead, 1e-6);
    }

    public function test_lines_over_the_entered_limit_stand_first(): void
    {
        $lines = [$this->board('P1', 40.0, -4.0), $this->board('P2', 38.0, -2.0)];
        $breaches = Breaches::of($this->runningLines($lines), new SpreadLimits(lines: 1));

        self::assertSame([BreachKind::LineCount, 2.0, 1.0], [$breaches[0]->kind, $breaches[0]->amount, $breaches[0]->wanted]);
        self::assertSame([], $this->kinds($lines, BreachKind::LineCount, new SpreadLimits(lines: 2)));
        self::assertSame([], $this->kinds($lines, BreachKind::LineCount), 'no limit entered, none held to');
    }

    public function test_bare_water_and_doubled_lures(): void
    {
        $lines = [$this->diver('P3', Side::Port, 1.0, -1.0)];
        $depth = $this->runningLines($lines)[0]->depth();
        $bare = $this->kinds(
            $lines,
            BreachKind::Bare,
            new SpreadLimits(bands: ['king' => [$depth - 10.0, $depth], 'coho' => [$depth, $depth + 3.0]]),
        );

        self::assertCount(1, $bare, 'three metres under a lure are served or nearly');
        self::assertSame('king', $bare[0]->subject);
        self::assertEqualsWithDelta(10.0 - 2 * 0.3048, $bare[0]->amount, 1e-6);
        $doubled = Breaches::of([], new SpreadLimits, ['P4' => 'Night Heron', 'S4' => 'Night Heron', 'C1' => 'Silver Tern']);
        self::assertCount(1, $doubled);
        self::assertSame([['P4', 'S4'], 'Night Heron'], [$doubled[0]->holders, $doubled[0]->subject]);
    }

    public function test_a_board_dragged_back_and_a_line_that_cannot_get_down_are_told(): void
    {
        $heavy = new ClipWeight(LineStock::of(Material::Nylon, 30), new LeadWeight(0.7), 9.0, 90.0, null, $this->spoon());
        $laid = $this->kinds([$this->board('P1', 40.0, -4.0, $heavy)], BreachKind::BoardLaidBack)[0];
        self::assertLessThan($laid->wanted, $laid->amount);
        self::assertSame([], $this->kinds([$this->board('P1', 40.0, -4.0)], BreachKind::BoardLaidBack));

        $diver = $this->diver('P3', Side::Port, 2.0, -1.0);
        $asked = new PlannedLine('P3', $diver->rig, $diver->tip, aim: 90.0);
        $short = OutOfReach::among($this->runningLines([$asked]), new Conditions(self::SPEED));
        self::assertSame([BreachKind::OutOfReach, 90.0], [$short[0]->kind, $short[0]->wanted]);
        $deepest = max(
            array_map(
                fn (float $out): float => $this->runningLines([$diver->withControl($out)])[0]->depth(), range(20.0, 120.0, 2.0),
            ),
        );
        self::assertEqualsWithDelta($deepest, $short[0]->amount, 0.3);
        self::assertSame(
            [],
            OutOfReach::among(
                $this->runningLines([new PlannedLine('P3', $diver->rig, $diver->tip, aim: 15.0)]), new Conditions(self::SPEED),
            ),
        );
    }

    public function test_big_lures_want_more_room_and_doubled_water_is_told_beside_bare(): void
    {
        $big = new FlatLine(LineStock::of(Material::Nylon, 30), 20.0, null, Lure::ofKind(LureKind::BigPlug));
        [$outer, $inner] = [$this->board('P1', 46.0, -4.0), $this->board('P2', 39.0, -2.0)];
        self::assertSame([], $this->kinds([$outer, $inner], BreachKind::Neighbours));
        $crowded = $this->kinds(
            [$this->board('P1', 46.0, -4.0, $big), $this->board('P2', 39.0, -2.0, $big)], BreachKind::Neighbours,
        )[0];
        self::assertEqualsWithDelta(25 * 0.3048, $crowded->wanted, 1e-9);

        $two = [$this->rigger(20.0, 6.0), $this->planned('S5', $this->rigger(20.3, 6.0)->rig, [0.4, 1.7, -1.0])];
        $limits = new SpreadLimits(bands: ['king' => [15.0, 30.0]]);
        $doubled = $this->kinds($two, BreachKind::Doubled, $limits)[0];
        self::assertEqualsWithDelta(0.3, $doubled->amount, 0.05);
        self::assertSame(
            [],
            $this->kinds($two, BreachKind::Doubled, new SpreadLimits(bands: ['king' => [20.0, 22.0]])),
            'with no feet bare a second lure is welcome',
        );
    }

    private function rigger(float $reading, float $lead): PlannedLine
    {
        return $this->planned(
            'P5',
            new Downrigger(
                new LeadWeight(5.443),
                LineStock::of(Material::RiggerCable, 150),
                $reading,
                new Release(0.0, $lead, LineStock::of(Material::Nylon, 20), null, $this->spoon()),
            ),
            [0.4, -1.7, -1.0],
        );
    }
}
