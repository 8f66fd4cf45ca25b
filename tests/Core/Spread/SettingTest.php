<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Card\DeckCard;
use Admek\Core\Spread\Card\DeckCardRow;
use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\BreachKind;
use Admek\Core\Spread\Check\FishOn;
use Admek\Core\Spread\Check\Setting;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Check\Tangles;
use Admek\Core\Spread\Cure\SettingCures;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\HolderFit;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SettingOrder;
use Admek\Core\Spread\Plan\SettingSchool;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\HolderKind;
use Admek\Core\Towing\Side;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

final class SettingTest extends TestCase
{
    private const SPEED = 2.3 * Lines::MPH;

    public function test_both_schools_and_the_captain_s_own_order(): void
    {
        $lines = $this->spread();

        self::assertSame(['P1', 'P2', 'C1', 'P3', 'P4', 'P5', 'P6'], $this->codes(SettingOrder::of($lines)));
        self::assertSame(
            ['P5', 'P6', 'P3', 'P4', 'P1', 'P2', 'C1'], $this->codes(SettingOrder::of($lines, SettingSchool::RiggersFirst)),
        );
        self::assertSame(
            ['P2', 'C1', 'P1'],
            array_values(array_intersect($this->codes(SettingOrder::of($lines, own: ['P2', 'C1', 'P1'])), ['P1', 'P2', 'C1'])),
        );
        self::assertCount(
            7, SettingOrder::of($lines, own: ['P2', 'S9']), 'what the order does not name, or names in vain, loses no line',
        );
    }

    public function test_boards_first_crosses_nothing_and_an_outer_board_after_an_inner_one_does(): void
    {
        $setting = new Setting(new Conditions(self::SPEED), new SpreadLimits);
        $lines = $this->spread();
        self::assertSame([], $this->pairs($setting->crossings(SettingOrder::of($lines))));

        $crossed = $setting->crossings(SettingOrder::of($lines, own: ['P2', 'P1']));
        self::assertSame([['P1', 'P2']], $this->pairs($crossed));
        self::assertSame(BreachKind::SettingCross, $crossed[0]->kind);
    }

    public function test_a_line_that_comes_near_another_on_its_way_out_is_said(): void
    {
        // The core behind a board goes out sideways through the water where the diver's line already stands.
        $lines = Lines::planned([
            Lines::line('P3', 'diver', ['dial' => 3.0, 'let_out' => 50.0]),
            Lines::line('P1', 'core', ['colours' => 6.0, 'board' => ['size' => 'large'], 'board_out' => 45.0]),
        ]);
        $conditions = new Conditions(self::SPEED);
        $near = (
            new Setting($conditions, new SpreadLimits(book: RuleBook::of(SpreadLimits::rules(), ['tangle' => 2.0])))
        )->crossings($lines);

        self::assertSame([['P1', 'P3']], $this->pairs($near));
        self::assertLessThan(2.0, $near[0]->amount);
        self::assertSame([], Tangles::among((new SpreadSolver)->all($lines, $conditions), 2.0), 'though they end far apart');
        self::assertSame(
            [],
            (
                new Setting($conditions, new SpreadLimits(book: RuleBook::of(SpreadLimits::rules(), ['tangle' => 2.0])))
            )->crossings(array_reverse($lines)),
            'the board first, and nothing is in the way',
        );
    }

    public function test_a_crossing_is_cured_by_an_order_that_brings_no_other(): void
    {
        $setting = new Setting(new Conditions(self::SPEED), new SpreadLimits);
        $inOrder = SettingOrder::of($this->spread(), own: ['P2', 'P1']);
        $crossings = $setting->crossings($inOrder);
        $order = (new SettingCures($inOrder, $crossings, $setting))->of($crossings[0]) ?? self::fail('no order was found');

        self::assertLessThan(array_search('P2', $order, true), array_search('P1', $order, true));
        self::assertEqualsCanonicalizing($this->codes($inOrder), $order);
        self::assertSame([], $setting->crossings(SettingOrder::of($this->spread(), own: $order)));
        // Lines that cross whichever goes first cannot be cured by their order.
        $near = Lines::planned(
            [
                Lines::line('P3', 'diver', ['dial' => 3.0, 'let_out' => 50.0]),
                Lines::line('P4', 'diver', ['dial' => 2.9, 'let_out' => 48.0]),
            ],
        );
        $wide = new Setting(
            new Conditions(self::SPEED), new SpreadLimits(book: RuleBook::of(SpreadLimits::rules(), ['tangle' => 1.2])),
        );
        foreach ($wide->crossings($near) as $crossing) {
            self::assertNull((new SettingCures($near, [$crossing], $wide))->of($crossing));
        }
    }

    public function test_a_fish_s_line_sweeps_what_lies_between_it_and_the_stern(): void
    {
        $running = (new SpreadSolver)->all($this->spread(), new Conditions(self::SPEED));
        $clearing = FishOn::clearing($running);

        self::assertContains('P2', $clearing['P1'], 'a fish off the outer board comes in over the inner one');
        self::assertNotContains('P1', $clearing['C1'], 'a fish down the middle does not go round the outer board');
        self::assertNotContains('P5', $clearing['P6'], 'its own ball is lifted last');
        foreach ($clearing as $holder => $others) {
            self::assertNotContains((string) $holder, $others);
        }
        [$alone] = (new SpreadSolver)->all(Lines::planned([Lines::line('C1', 'flat')]), new Conditions(self::SPEED));
        self::assertSame(['C1' => []], FishOn::clearing([$alone]));
    }

    public function test_the_card_says_what_the_counter_will_show(): void
    {
        $reel = ['name' => 'braid', 'material' => 'braid', 'test' => 30, 'counter_factor' => 1.06];
        $lines = Lines::planned([
            Lines::line('P3', 'diver', ['reel' => $reel]), Lines::line('C1', 'core'),
            array_replace_recursive(Lines::line('P5', 'rigger'), ['holder' => ['counter_factor' => 0.95]]),
            Lines::line('P4', 'stacker'),
        ]);
        $rows = [];
        foreach (DeckCard::of($lines, new Conditions(self::SPEED))->rows as $row) {
            self::assertInstanceOf(DeckCardRow::class, $row);
            $rows[$row->running->planned->holder] = $row;
        }

        self::assertEqualsWithDelta(40.0 * 1.06, $rows['P3']->counter()[1] ?? 0.0, 1e-9);
        self::assertEqualsWithDelta(25.0 * 0.95, $rows['P5']->counter()[1] ?? 0.0, 1e-9);
        self::assertNull($rows['C1']->counter());
        self::assertNull($rows['P4']->counter());
        self::assertEqualsWithDelta(1.06 * $rows['P3']->settings[2], $rows['P3']->counter()[2] ?? 0.0, 1e-9);
    }

    public function test_lines_planned_for_other_holders_find_theirs_by_side_and_kind(): void
    {
        $holder = static fn (string $code, string $side, string $kind = 'rod'): DescribedHolder => new DescribedHolder(
            $code, Side::from($side), HolderKind::from($kind), 0.0, 0.0, 1.0,
        );
        $aboard = [$holder('P1', 'port'), $holder('PX', 'port'), $holder('P5', 'port', 'boom'), $holder('S1', 'starboard')];
        $fit = HolderFit::of(
            [
                $holder('P9', 'port'),
                $holder('P1', 'port'),
                $holder('PB', 'port', 'boom'),
                $holder('S1', 'starboard', 'boom'),
                $holder('S2', 'starboard'),
            ],
            $aboard,
        );

        self::assertEquals(
            ['P1' => 'P1', 'P9' => 'PX', 'PB' => 'P5', 'S1' => null, 'S2' => 'S1'],
            array_map(static fn (?DescribedHolder $found): ?string => $found?->code, $fit),
        );
    }

    /** @return list<PlannedLine> */
    private function spread(): array
    {
        return Lines::planned([
            Lines::line('P1', 'flat', ['board' => ['size' => 'large'], 'board_out' => 42.0]),
            Lines::line('P2', 'flat', ['board' => ['size' => 'large'], 'board_out' => 26.0]),
            Lines::line('P3', 'diver', ['dial' => 3.0, 'let_out' => 42.0]),
            Lines::line('P4', 'diver', ['dial' => 1.0, 'let_out' => 58.0]),
            Lines::line('P5', 'rigger'), Lines::line('P6', 'stacker'), Lines::line('C1', 'core'),
        ]);
    }

    /**
     * @param  list<PlannedLine>  $lines
     * @return list<string>
     */
    private function codes(array $lines): array
    {
        return array_map(static fn (PlannedLine $line): string => $line->holder, $lines);
    }

    /**
     * @param  list<Breach>  $breaches
     * @return list<list<string>>
     */
    private function pairs(array $breaches): array
    {
        return array_map(static fn (Breach $breach): array => $breach->holders, $breaches);
    }
}
