<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Check\BreachKind;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Cure\Cure;
use Admek\Core\Spread\Cure\CureKind;
use Admek\Core\Spread\Cure\Cures;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

final class CuresTest extends TestCase
{
    private const SPEED = 2.3 * Lines::MPH;

    public function test_a_cure_takes_its_breach_away_and_brings_no_other(): void
    {
        $deep = $this->diver(1.0, 40.0);
        $bottom = $this->running(Lines::plan([$deep]))[0]->depth();
        $cases = [
            'crossed holders' => [
                [$this->board('P1', 25.0), $this->board('P2', 40.0)],
                new SpreadLimits,
                BreachKind::HolderOrder,
                CureKind::SwapHolders,
            ],
            'crowding boards' => [
                [$this->board('P1', 40.0), $this->board('P2', 38.0)],
                new SpreadLimits,
                BreachKind::Neighbours,
                CureKind::SetBoardOut,
            ],
            'touching bottom' => [
                [$deep], new SpreadLimits(bottom: Bottom::flat($bottom)), BreachKind::Bottom, CureKind::SetControl,
            ],
            'a long lead into a diver’s line' => [
                [$this->diver(0.0, 30.0), $this->rigger('P5', 12.2, 18.0)],
                new SpreadLimits,
                BreachKind::Tangle,
                CureKind::SetControl,
            ],
        ];
        foreach ($cases as $name => [$lines, $limits, $kind, $cureKind]) {
            $plan = Lines::plan($lines);
            $breach = $this->kinds($plan, $kind, $limits)[0] ?? null;
            self::assertNotNull($breach, $name);
            $cure = $this->cures($plan, $limits)->of($breach);
            self::assertSame($cureKind, $cure?->kind, $name);
            $cured = $cure->applied($plan);
            self::assertSame([], $this->kinds($cured, $kind, $limits), $name);
            self::assertLessThan(
                count(Breaches::of($this->running($plan), $limits)), count(Breaches::of($this->running($cured), $limits)), $name,
            );
            self::assertSame($this->tips($plan), $this->tips($cured), 'holders stay where they stand');
        }
    }

    public function test_rods_that_change_places_take_all_that_is_on_them(): void
    {
        $plan = Lines::plan([$this->board('P1', 25.0, ['tip_height' => 0.5]), $this->board('P2', 40.0)]);
        $swapped = (new Cure(CureKind::SwapHolders, ['P1', 'P2']))->applied($plan);

        self::assertSame(0.5, -$swapped->lineOf('P2')->tip[2], 'a tip held low goes with its rod');
        self::assertSame(
            [40.0, 25.0],
            array_map(static fn (string $holder): ?float => $swapped->lineOf($holder)->rig->board()?->out(), ['P1', 'P2']),
        );
        self::assertSame('Lure of P1', $swapped->describedOf('P2')->lure->name);
        self::assertEquals(
            $plan->described, (new Cure(CureKind::SwapHolders, ['P2', 'P1']))->applied($swapped)->described, 'and back',
        );
        self::assertSame('Swap P1 and P2', (new Cure(CureKind::SwapHolders, ['P1', 'P2']))->order($plan)->in(Units::Us));
    }

    public function test_doubled_water_is_cured_by_setting_one_of_the_two(): void
    {
        $plan = Lines::plan([$this->rigger('P5', 20.0, 6.0), $this->rigger('S5', 20.3, 6.0)]);
        $limits = new SpreadLimits(bands: ['king' => [15.0, 30.0]]);
        $cure = $this->cures($plan, $limits)->of($this->kinds($plan, BreachKind::Doubled, $limits)[0]);

        self::assertSame(CureKind::SetControl, $cure?->kind);
        self::assertSame([], $this->kinds($cure->applied($plan), BreachKind::Doubled, $limits));
        self::assertMatchesRegularExpression('/^Set [PS]5 to \\d+ ft of cable$/', $cure->order($plan)->in(Units::Us));
    }

    public function test_of_too_many_lines_the_one_that_serves_no_band_stays_in_the_boat(): void
    {
        $plan = Lines::plan([$this->rigger('P5', 20.0, 6.0), $this->rigger('S5', 27.0, 6.0), $this->board('P1', 40.0)]);
        $out = $this->cures(
            $plan, new SpreadLimits(lines: 2, bands: ['king' => [18.0, 32.0]]),
        )->of(new Breach(BreachKind::LineCount, [], 3.0, 2.0));

        self::assertNotNull($out);
        self::assertSame([CureKind::TakeOut, ['P1']], [$out->kind, $out->holders]);
        self::assertCount(2, $out->applied($plan)->lines);
        self::assertNull(
            $this->cures($plan, new SpreadLimits)->of(new Breach(BreachKind::SettingCross, ['P5', 'S5'])),
            'the order is the captain’s to put',
        );
    }

    public function test_a_finish_pulled_twice_is_changed_for_one_that_swims_alike_and_no_line_has(): void
    {
        $silver = ['lure' => ['name' => 'spoon', 'kind' => 'medium_spoon', 'finish' => 'silver']];
        $plan = Lines::plan(
            [$silver + $this->rigger('P5', 20.0, 6.0), $silver + $this->rigger('S5', 27.0, 6.0), $this->board('P1', 40.0)],
        );
        $spare = static fn (
            string $name, string $finish, LureKind $kind = LureKind::MediumSpoon,
        ): DescribedLure => new DescribedLure($name, $kind, $finish);
        $same = $this->kinds($plan, BreachKind::Duplicate, new SpreadLimits)[0];
        $cure = $this->cures(
            $plan,
            new SpreadLimits,
            [$spare('taken', 'finish of P1'), $spare('other', 'blue', LureKind::MagnumSpoon), $spare('right', 'blue')],
        )->of($same);

        self::assertNotNull($cure);
        self::assertSame([['S5'], 'right'], [$cure->holders, $cure->lure?->name]);
        self::assertSame('right', $cure->applied($plan)->describedOf('S5')->lure->name);
        self::assertNull($this->cures($plan, new SpreadLimits, [$spare('taken', 'finish of P1')])->of($same));
    }

    public function test_no_cure_drives_a_line_deeper_into_bottom(): void
    {
        $plan = Lines::plan([$this->rigger('P5', 22.0, 6.0), $this->rigger('S5', 12.0, 6.0)]);
        $limits = new SpreadLimits(bottom: Bottom::flat(22.5), bands: ['lake_trout' => [24.0, 34.0]]);
        self::assertNotSame([], $this->kinds($plan, BreachKind::Bottom, $limits));
        foreach ($this->kinds($plan, BreachKind::Bare, $limits) as $bare) {
            self::assertNull($this->cures($plan, $limits)->of($bare), 'the bare feet lie under the bottom');
        }
    }

    public function test_where_nothing_simple_helps_no_cure_is_offered(): void
    {
        $plan = Lines::plan([$this->board('P1', 40.0)]);
        $limits = new SpreadLimits(bands: ['king' => [60.0, 90.0]]);
        $bare = $this->kinds($plan, BreachKind::Bare, $limits);
        self::assertNotSame([], $bare);
        foreach ($bare as $breach) {
            self::assertNull(
                $this->cures($plan, $limits)->of($breach),
                'no let-out takes a flat line down there: other gear is the captain’s to choose',
            );
        }
        $shallow = new SpreadLimits(bottom: Bottom::flat(0.6));
        $diver = Lines::plan([$this->diver(1.0, 40.0)]);
        self::assertNull(
            $this->cures($diver, $shallow)->of($this->kinds($diver, BreachKind::Bottom, $shallow)[0]),
            'no let-out clears so little water',
        );
    }

    public function test_what_rode_a_cable_goes_with_its_ball(): void
    {
        $plan = Lines::plan(
            [Lines::line('P5', 'rigger'), Lines::line('P4', 'stacker'), Lines::line('S5', 'rigger', ['let_out' => 12.0])],
        );

        self::assertSame(
            ['S5'],
            array_map(
                static fn (DescribedLine $line): string => $line->holder->code,
                (new Cure(CureKind::TakeOut, ['P5']))->applied($plan)->described,
            ),
        );
    }

    /** @param  list<DescribedLure>  $spares */
    private function cures(SpreadPlan $plan, SpreadLimits $limits, array $spares = []): Cures
    {
        return new Cures($plan, $this->running($plan), new Conditions(self::SPEED), $limits, spares: $spares);
    }

    /** @return list<RunningLine> */
    private function running(SpreadPlan $plan): array
    {
        return (new SpreadSolver)->all($plan->lines, new Conditions(self::SPEED));
    }

    /** @return list<Breach> */
    private function kinds(SpreadPlan $plan, BreachKind $kind, SpreadLimits $limits): array
    {
        return array_values(
            array_filter(
                Breaches::of($this->running($plan), $limits, $plan->finishes()),
                static fn (Breach $b): bool => $b->kind === $kind,
            ),
        );
    }

    /** @return array<string, array{float, float, float}> by holder */
    private function tips(SpreadPlan $plan): array
    {
        $tips = array_column(
            array_map(static fn (PlannedLine $line): array => ['holder' => $line->holder, 'tip' => $line->tip], $plan->lines),
            'tip',
            'holder',
        );
        ksort($tips);

        return $tips;
    }

    /** @return array<string, mixed> */
    private function rigger(string $holder, float $reading, float $lead): array
    {
        return Lines::line($holder, 'rigger', ['let_out' => $reading, 'lead' => $lead, 'leader_length' => null]);
    }

    /** @return array<string, mixed> */
    private function diver(float $dial, float $out): array
    {
        return Lines::line('P3', 'diver', ['dial' => $dial, 'let_out' => $out]);
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    private function board(string $holder, float $out, array $change = []): array
    {
        return Lines::line($holder, 'flat', $change + ['board' => ['size' => 'large'], 'board_out' => $out, 'let_out' => 30.0]);
    }
}
