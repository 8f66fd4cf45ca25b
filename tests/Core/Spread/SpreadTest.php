<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Card\DeckCard;
use Admek\Core\Spread\Check\Coverage;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SettingOrder;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Tackle\Rigs\Diver;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\FlatLine;
use Admek\Core\Tackle\Rigs\InlineBoard;
use Admek\Core\Tackle\Rigs\Leadcore;
use Admek\Core\Tackle\Rigs\Release;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\Turn;
use PHPUnit\Framework\TestCase;

final class SpreadTest extends TestCase
{
    private const SPEED = 1.028192;

    public function test_running_a_line_gives_its_depth_with_its_doubt(): void
    {
        $running = (new SpreadSolver)->run($this->diver('P3', 45.0), new Conditions(self::SPEED));

        self::assertGreaterThan(15.0, $running->depth());
        self::assertSame($running->solution->bodies['lure'], $running->lure());
        self::assertNotNull($running->doubt);
        self::assertEqualsWithDelta(0.1 * $running->depth(), $running->doubt->deviation, 0.05 * $running->depth());
        self::assertNull((new SpreadSolver)->run($this->diver('P3', 45.0), new Conditions(self::SPEED), withDoubt: false)->doubt);
    }

    public function test_a_checked_counter_makes_the_line_surer(): void
    {
        $solver = new SpreadSolver;
        $unsure = $solver->run($this->rigger('P5', 30.0), new Conditions(self::SPEED))->doubt;
        $sure = $solver->run($this->rigger('P5', 30.0, counterCalibrated: true), new Conditions(self::SPEED))->doubt;

        self::assertLessThan($unsure?->deviation, $sure?->deviation);
    }

    public function test_what_reach_finds_runs_at_the_depth_asked_for(): void
    {
        $solver = new SpreadSolver;
        foreach ([
            new Conditions(self::SPEED), new Conditions(0.8), new Conditions(self::SPEED, new Turn(150.0, Side::Port)),
        ] as $conditions) {
            foreach ([$this->diver('P3', 45.0), $this->rigger('P5', 30.0), $this->core('C1')] as $line) {
                $reach = $solver->reach($line, $conditions, 9.0);
                self::assertTrue($reach->reached);
                self::assertEqualsWithDelta(9.0, $solver->run($line->withControl($reach->control), $conditions)->depth(), 0.02);
            }
        }
    }

    public function test_what_cannot_be_reached_says_what_would_help(): void
    {
        $reach = (new SpreadSolver)->reach($this->core('C1'), new Conditions(self::SPEED), 40.0);

        self::assertFalse($reach->reached);
        self::assertLessThan(40.0, $reach->depth);
        self::assertContains('more colours', $this->core('C1')->rig->wouldHelp());
        self::assertContains('a heavier ball', $this->rigger('P5', 30.0)->rig->wouldHelp());
        self::assertContains('a lower dial', $this->diver('P3', 30.0)->rig->wouldHelp());
        self::assertContains('a weight ahead of it', $this->board('P1', 40.0)->rig->wouldHelp());
        $this->expectExceptionMessage('depth must be a number from 0 to 150 m');
        (new SpreadSolver)->reach($this->core('C1'), new Conditions(self::SPEED), 400.0);
    }

    public function test_farthest_boards_go_in_first_and_riggers_last(): void
    {
        $lines = [
            $this->rigger('P5', 30.0),
            $this->diver('S4', 60.0, 1.5),
            $this->board('P2', 26.0),
            $this->core('C1'),
            $this->diver('P3', 45.0, 3.0),
            $this->board('P1', 40.0),
            $this->board('S1', 40.0),
        ];

        self::assertSame(
            ['P1', 'S1', 'P2', 'C1', 'P3', 'S4', 'P5'],
            array_map(static fn (PlannedLine $l): string => $l->holder, SettingOrder::of($lines)),
        );
    }

    public function test_the_deck_card_holds_the_depth_at_each_speed(): void
    {
        $solver = new SpreadSolver;
        $card = DeckCard::of([$this->rigger('P5', 30.0), $this->diver('P3', 45.0)], new Conditions(self::SPEED));

        self::assertEqualsWithDelta([2.0, 2.3, 2.6], array_map(static fn (float $s): float => $s / 0.44704, $card->speeds), 1e-6);
        self::assertSame('P3', $card->rows[0]->running->planned->holder);
        foreach ($card->rows as $row) {
            foreach ($card->speeds as $i => $speed) {
                self::assertNotNull($row->settings[$i]);
                $depth = $solver->run($row->running->planned->withControl($row->settings[$i]), new Conditions($speed))->depth();
                self::assertEqualsWithDelta($row->running->depth(), $depth, 0.02);
            }
            self::assertGreaterThan($row->settings[0], $row->settings[2], 'faster takes more out');
        }
    }

    public function test_what_cannot_hold_its_depth_faster_has_no_setting(): void
    {
        $card = DeckCard::of([$this->core('C1')], new Conditions(self::SPEED));

        self::assertNotNull($card->rows[0]->settings[0]);
        self::assertNull($card->rows[0]->settings[2]);
    }

    public function test_conditions_outside_trolling_are_refused(): void
    {
        foreach ([0.0, 9.0, NAN, INF] as $speed) {
            try {
                new Conditions($speed);
                self::fail('It was taken.');
            } catch (InvalidValue $invalid) {
                self::assertSame('speed', $invalid->field);
            }
        }
    }

    public function test_coverage_tells_bare_covered_and_doubled_feet(): void
    {
        $foot = 0.3048;
        $coverage = Coverage::of(40 * $foot, 70 * $foot, [45 * $foot, 49 * $foot, 90 * $foot]);

        $feet = array_map(
            static fn (array $s): array => [round($s['top'] / $foot, 6), round($s['bottom'] / $foot, 6), $s['lures']],
            $coverage->stretches,
        );
        self::assertSame([[40.0, 43.0, 0], [43.0, 47.0, 1], [47.0, 51.0, 2], [51.0, 55.0, 1], [55.0, 70.0, 0]], $feet);
        self::assertEqualsWithDelta(12 / 30, $coverage->share(), 1e-9);
        self::assertSame([['top' => 1.0, 'bottom' => 2.0, 'lures' => 0]], Coverage::of(1.0, 2.0, [])->stretches);
        $this->expectException(InvalidValue::class);
        Coverage::of(10.0, 5.0, []);
    }

    private function rigger(string $holder, float $reading, bool $counterCalibrated = false): PlannedLine
    {
        return $this->planned(
            $holder,
            new Downrigger(
                new LeadWeight(5.443),
                LineStock::of(Material::RiggerCable, 150),
                $reading,
                new Release(0.0, 6.0, LineStock::of(Material::Nylon, 20), null, $this->spoon()),
            ),
            $counterCalibrated,
        );
    }

    private function diver(string $holder, float $letOut, float $dial = 2.0): PlannedLine
    {
        return $this->planned(
            $holder,
            new Diver(
                DiverPlate::of(DiverSize::Large, false),
                $dial,
                Side::Port,
                LineStock::of(Material::Braid, 30),
                $letOut,
                $this->leader(),
                $this->spoon(),
            ),
        );
    }

    private function core(string $holder): PlannedLine
    {
        return $this->planned(
            $holder,
            new Leadcore(
                LineStock::of(Material::Leadcore, 27),
                8.0,
                8.0,
                LineStock::of(Material::Braid, 30),
                0.0,
                $this->leader(),
                $this->spoon(),
            ),
        );
    }

    private function board(string $holder, float $out): PlannedLine
    {
        return $this->planned(
            $holder,
            new InlineBoard(
                BoardSize::Large->planer(),
                $holder[0] === 'P' ? Side::Port : Side::Starboard,
                $out,
                new FlatLine(LineStock::of(Material::Nylon, 14), 30.0, $this->leader(), $this->spoon()),
            ),
        );
    }

    private function planned(string $holder, \Admek\Core\Tackle\Rigs\Rig $rig, bool $counterCalibrated = false): PlannedLine
    {
        return new PlannedLine($holder, $rig, [0.0, -1.5, -1.0], $counterCalibrated);
    }

    private function spoon(): Lure
    {
        return Lure::ofKind(LureKind::MediumSpoon);
    }

    private function leader(): Leader
    {
        return new Leader(LineStock::of(Material::Fluorocarbon, 25), 1.8);
    }
}
