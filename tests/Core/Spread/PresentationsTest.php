<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\BottomFishing;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\Pick;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\Figure;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\TowSolver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;
use Tests\Core\Spread\Support\RunsAtOneSpeed;

final class PresentationsTest extends TestCase
{
    use RunsAtOneSpeed;

    /** @return iterable<string, array{Presentation}> */
    public static function presentations(): iterable
    {
        foreach (Presentation::cases() as $presentation) {
            yield $presentation->value => [$presentation];
        }
    }

    #[DataProvider('presentations')]
    public function test_every_presentation_runs_and_is_run_at_a_depth_by_its_own_control(Presentation $presentation): void
    {
        $lines = $presentation === Presentation::Stacker
            ? [Lines::line('P5', 'rigger'), Lines::line('P4', 'stacker')]
            : [Lines::line('P5', $presentation->value)];
        $planned = Lines::planned($lines)[count($lines) - 1];
        $running = $this->run1($planned);
        self::assertGreaterThan(0.0, $running->doubt?->deeper);
        $wanted = 0.8 * $running->depth();
        $reach = (new SpreadSolver)->reach($planned, new Conditions(self::SPEED), $wanted);
        self::assertTrue($reach->reached, "{$presentation->value} at {$wanted} m");
        self::assertEqualsWithDelta($wanted, $this->run1($planned->withControl($reach->control))->depth(), 0.02);
        self::assertSame(
            $planned->rig->control()->deepens, $reach->control < $planned->rig->control()->value, 'shallower by less of it',
        );
        self::assertContains($planned->rig->control()->kind->figure(), $this->askedFor($presentation));
    }

    public function test_every_figure_of_a_presentation_is_asked_for_by_name(): void
    {
        foreach (Presentation::cases() as $presentation) {
            foreach ($this->askedFor($presentation) as $figure) {
                $line = Lines::line(
                    'P5', $presentation->value, $presentation === Presentation::Stacker ? ['rides_on' => 'P6'] : [],
                );
                unset($line[$figure]);
                try {
                    Lines::planned([$line, Lines::line('P6', 'rigger')]);
                    self::fail("{$presentation->value} without {$figure} was taken.");
                } catch (InvalidValue $invalid) {
                    self::assertSame("lines.0.{$figure}", $invalid->field);
                }
            }
        }
    }

    /** @return list<string> what a line of it must be told, beside what any line is */
    private function askedFor(Presentation $presentation): array
    {
        $entry = $presentation->entry();

        return [
            ...array_diff(
                array_map(static fn (LineFigure $figure): string => $figure->value, $entry->figures()),
                ['tip_height', 'leader_length'],
            ),
            ...array_map(
                static fn (Pick $pick): string => $pick->value,
                array_values(array_filter([Pick::Ball, Pick::Diver, Pick::RidesOn], $entry->picks(...))),
            ),
        ];
    }

    public function test_a_bouncer_s_angle_is_that_of_its_weight_against_its_drag(): void
    {
        $planned = Lines::planned([Lines::line('P4', 'bouncer', ['leader_length' => 0.0])])[0];
        $running = $this->run1($planned);
        $bottom = BottomFishing::of($running, new Conditions(self::SPEED)) ?? self::fail('it fishes bottom');
        $sphere = (new LeadWeight(0.0567))->body('weight');
        $spoon = Lure::ofKind(LureKind::MediumSpoon);
        $dynamic = 0.5 * 999.8 * self::SPEED ** 2;

        self::assertEqualsWithDelta(
            rad2deg(atan2($sphere->weight + $spoon->weight, $dynamic * ($sphere->dragArea + 3e-4 + $spoon->dragArea))),
            $bottom->angle,
            0.05,
        );
        self::assertEqualsWithDelta(14.0 / $running->solution->bodies['weight'][2], $bottom->scope, 1e-9);
    }

    public function test_the_lightest_weight_ticks_at_that_depth_and_no_lighter_does(): void
    {
        $speed = new Conditions(1.0 * Lines::MPH);
        foreach (['bouncer', 'dropper'] as $kind) {
            $rigged = static fn (float $mass, float $out): PlannedLine => Lines::planned(
                [Lines::line('P4', $kind, ['weight_mass' => $mass, 'let_out' => $out])],
            )[0];
            $now = (new SpreadSolver)->run($rigged(0.0567, 9.0), $speed);
            $depth = $now->solution->bodies['weight'][2];
            $lightest = BottomFishing::of($now, $speed)?->lightest;
            self::assertNotNull($lightest, $kind);
            // The least that must be out for that depth, at the fastest speed of the card, tried by hand.
            $ticks = static function (float $mass) use ($rigged, $depth): bool {
                for ($out = $depth; $out <= 1.5 * $depth; $out += 0.05) {
                    $line = $rigged($mass, $out)->towLine();
                    $water = new Water(999.8, Flow::uniform(1.3 * Lines::MPH));
                    if ((new TowSolver)->solve($water, null, $line)->bodies['weight'][2] >= $depth) {
                        $loads = (new TowSolver)->loads($water, null, $line);

                        return $loads[count($loads) - 1]->angle >= 45.0;
                    }
                }

                return false;
            };
            self::assertTrue($ticks($lightest), $kind);
            $stock = LeadWeight::STOCK;
            $at = (int) array_search($lightest, $stock, true);
            self::assertTrue($at === 0 || ! $ticks($stock[$at - 1]), "{$kind}: a lighter one would do too");
            self::assertTrue(
                BottomFishing::of((new SpreadSolver)->run($rigged($lightest, 9.0), $speed), $speed)?->isHeavyEnough(),
            );
        }
    }

    public function test_a_dropper_s_weight_hangs_below_its_lure(): void
    {
        [$line] = $this->all([Lines::line('C1', 'dropper', ['dropper_length' => 1.0])]);

        self::assertGreaterThan($line->lure()[2], $line->solution->bodies['weight'][2]);
        self::assertGreaterThan($line->solution->bodies['weight'][0], $line->lure()[0], 'the lure streams behind it');
        self::assertCount(1, $line->branches());
    }

    public function test_a_rod_tip_held_down_fishes_deeper(): void
    {
        $depth = fn (?float $tip): float => $this->all(
            [Lines::line('C1', 'wire', $tip === null ? [] : ['tip_height' => $tip])],
        )[0]->depth();

        self::assertGreaterThan($depth(3.0), $depth(null));
        self::assertGreaterThan($depth(null), $depth(0.0));
    }

    public function test_a_figure_can_be_the_captain_s_own_and_says_where_it_comes_from(): void
    {
        $thin = Lines::planned(
            [Lines::line('P3', 'diver', ['overrides' => ['main.diameter' => 0.0002, 'diver.lift_area' => 9e-3]])],
        )[0];
        $usual = Lines::planned([Lines::line('P3', 'diver')])[0];

        self::assertGreaterThan($this->run1($usual)->depth() + 1.0, $this->run1($thin)->depth());
        $figures = [];
        foreach ($thin->figures as $figure) {
            $figures[$figure->key] = $figure;
        }
        self::assertEqualsWithDelta(
            new Figure('main.diameter', 0.0002, 0.00028, 'm', 'default for braid 30 lb', true), $figures['main.diameter'], 1e-12,
        );
        self::assertFalse($figures['lure.drag_area']->own);
        self::assertSame($figures['lure.drag_area']->default, $figures['lure.drag_area']->value);
        $this->expectExceptionMessage('lines.0.overrides.ball.mass must be a figure of this rig');
        Lines::planned([Lines::line('P3', 'diver', ['overrides' => ['ball.mass' => 4.0]])]);
    }

    public function test_wire_and_segment_keep_what_is_theirs(): void
    {
        $wire = Lines::planned([Lines::line('C1', 'wire', ['let_out' => 90.0, 'backing' => 12.0])])[0]->rig;
        self::assertSame(['let_out' => 80.0, 'backing' => 0.0], $wire->control()->figures(80.0));
        self::assertSame(['let_out' => 90.0], $wire->control()->figures(90.0));
        $length = static fn (string $kind, array $change = []): float => array_sum(array_map(
            static fn (object $part): float => $part->length ?? 0.0,
            Lines::planned([Lines::line('C1', $kind, $change)])[0]->towLine()->chain,
        ));
        self::assertEqualsWithDelta(1.8 + 90.0 + 12.0, $length('wire', ['let_out' => 90.0, 'backing' => 12.0]), 1e-9);
        self::assertEqualsWithDelta(1.8 + 9.0 + 3 * 9.144 + 20.0, $length('segment'), 1e-9);
        self::assertEqualsWithDelta(0.45 + 12.0, $length('dropper'), 1e-9, 'its leader is a branch');
    }

    public function test_rules_of_thumb_are_the_boat_s_own_where_it_has_some(): void
    {
        $rules = RulesOfThumb::of(['per_colour' => 2.0, 'bouncer_scope' => 1.4, 'diver_share' => 0.5]);
        $depth = static fn (string $kind): float => Lines::planned(
            [Lines::line('P5', $kind)],
        )[0]->rig->ruleOfThumb($rules)->depth ?? NAN;

        self::assertEqualsWithDelta(10.0, $depth('core'), 1e-9);
        self::assertEqualsWithDelta(6.0, $depth('segment'), 1e-9);
        self::assertEqualsWithDelta(10.0, $depth('bouncer'), 1e-9);
        self::assertEqualsWithDelta(16.0, $depth('diver'), 1e-9);
        $this->expectExceptionMessage('per_color must be one of per_colour');
        RulesOfThumb::of(['per_color' => 2.0]);
    }
}
