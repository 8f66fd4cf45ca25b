<?php

declare(strict_types=1);

namespace Tests\Core\TrueUp;

use Admek\Core\InvalidValue;
use Admek\Core\Records\SoundingMethod;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Doubt\Trued;
use Admek\Core\TrueUp\NextSounding;
use Admek\Core\TrueUp\Owners;
use Admek\Core\TrueUp\Sounded;
use Admek\Core\TrueUp\TrueUp;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;
use Tests\Support\Drawn;

/** What soundings teach, against a brute force and what must be so. */
final class TrueUpTest extends TestCase
{
    private const FOOT = 0.3048;

    private SpreadPlan $plan;

    private Conditions $conditions;

    protected function setUp(): void
    {
        // Two divers with one reel's line between them, each its own lure; a rigger with nothing of theirs.
        $reel = ['reel' => Lines::line('P2', 'diver')['reel']];
        $this->plan = Lines::plan([
            Lines::line('P2', 'diver', $reel), Lines::line('S2', 'diver', $reel),
            Lines::line('P5', 'rigger', ['reel' => ['name' => 'another'] + Lines::line('P5', 'rigger')['reel']]),
        ]);
        $this->conditions = new Conditions(2.3 * Lines::MPH);
    }

    public function test_nothing_sounded_teaches_nothing(): void
    {
        $known = TrueUp::of([]);
        self::assertSame([[], []], [$known->figures, $known->soundings]);
        self::assertNull($known->trued($this->owners('P2')));
    }

    public function test_a_reading_as_expected_moves_nothing_and_narrows_the_depth(): void
    {
        $untrued = $this->run_('P2');
        $known = TrueUp::of([$this->sounded('P2', $untrued->depth())]);
        $trued = $this->run_('P2', $known);
        self::assertEqualsWithDelta($untrued->depth(), $trued->depth(), 0.01);
        self::assertLessThan(1.1 * self::FOOT, $trued->doubt?->deviation);
        self::assertGreaterThan(3 * self::FOOT, $untrued->doubt?->deviation);
        self::assertEqualsWithDelta(0.0, $known->soundings[0]->off, 0.05);
    }

    public function test_it_is_what_a_brute_force_over_all_figures_says(): void
    {
        $line = $this->plan->lineOf('P2');
        $read = $this->run_('P2')->depth() + 1.6;
        $longer = $line->withControl(1.5 * $line->rig->control()->value);
        $known = TrueUp::of([$this->sounded('P2', $read)]);
        $told = (new SpreadSolver)->run($longer->withTrued($known->trued($this->owners('P2'))), $this->conditions);

        // Figures drawn as they are unsure, each counting by how likely such a reading is under it (Student's t, four degrees).
        $random = new Drawn(5);
        $figures = $known->trued($this->owners('P2'))->at ?? [];
        $counts = $depths = [];
        for ($i = 0; $i < 2000; $i++) {
            $drawn = new Trued(array_map(
                static fn (): float => $random->normal(), $figures,
            ));
            $off = ($read - $this->depth($line->withTrued($drawn))) / self::FOOT;
            $counts[] = (1 + $off ** 2 / 4) ** -2.5;
            $depths[] = $this->depth($longer->withTrued($drawn));
        }
        $mean = self::weighed($depths, $counts);
        $half = 0.5 * (self::quantile($depths, $counts, 0.8413) - self::quantile($depths, $counts, 0.1587));
        self::assertGreaterThan(1.0, abs($mean - $this->depth($longer)), 'it says something');
        self::assertEqualsWithDelta($mean, $told->depth(), 0.25 * $half);
        self::assertEqualsWithDelta($half, $told->doubt?->deviation, 0.15 * $half, 'its middle two thirds');
    }

    public function test_what_is_learnt_of_a_reel_speaks_for_the_other_rod_and_not_for_another_s_gear(): void
    {
        $known = TrueUp::of([
            $this->sounded('P2', $this->run_('P2')->depth() - 2.5),
            $this->sounded('P2', $this->run_('P2')->depth() - 2.4, 'second'),
        ]);
        self::assertLessThan($this->run_('S2')->depth() - 0.5, $this->run_('S2', $known)->depth());
        self::assertLessThan($this->run_('S2')->doubt?->deviation, $this->run_('S2', $known)->doubt?->deviation);
        $another = ['speed' => 'trip another', 'current' => 'trip another'];
        $rigger = TrueUp::of([$this->sounded('P2', $this->run_('P2')->depth() - 2.5)])->trued($another + $this->owners('P5'));
        self::assertNull($rigger);
    }

    public function test_the_order_they_came_in_is_nothing(): void
    {
        $all = [];
        foreach (['P2' => -1.0, 'S2' => 0.8, 'P5' => -0.4] as $holder => $off) {
            foreach (range(0, 11) as $again) {
                $depth = $this->run_($holder)->depth() + $off + 0.05 * ($again % 5);
                $all[] = $this->sounded($holder, $depth, "{$holder} {$again}");
            }
        }
        $figures = static function (TrueUp $known): array {
            $told = [];
            foreach ($known->figures as $figure) {
                $told["{$figure->doubt->value} {$figure->owner}"] = [round($figure->at, 3), round($figure->deviation, 3)];
            }
            ksort($told);

            return $told;
        };
        self::assertEqualsWithDelta($figures(TrueUp::of($all)), $figures(TrueUp::of(array_reverse($all))), 0.02);
    }

    public function test_a_false_reading_is_named_and_kept_out_until_it_is_confirmed(): void
    {
        $depth = $this->run_('P5')->depth();
        $readings = static fn (self $test, bool $confirmed): array => [
            $test->sounded('P5', $depth + 0.2, 'one'), $test->sounded('P5', $depth - 0.1, 'two'),
            $test->sounded('P5', $depth, 'three'), $test->sounded('P5', $depth + 5.0, 'false', $confirmed),
        ];
        $known = TrueUp::of($readings($this, false));
        self::assertSame(
            ['one' => true, 'two' => true, 'three' => true, 'false' => false], array_column($known->soundings, 'used', 'id'),
        );
        self::assertGreaterThan(3.0, $known->soundings[3]->off);
        self::assertEqualsWithDelta($depth, $this->run_('P5', $known)->depth(), 0.2);
        self::assertTrue(TrueUp::of($readings($this, true))->soundings[3]->used);
    }

    public function test_many_false_ones_are_all_found_and_no_true_one_is_lost(): void
    {
        $all = [];
        foreach (['P2', 'S2', 'P5'] as $h => $holder) {
            $depth = $this->run_($holder)->depth();
            for ($i = 0; $i < 8; $i++) {
                $all[] = $this->sounded($holder, $depth + 0.1 * (($i + $h) % 3 - 1) + ($i < 2 ? 4.0 : 0.0), "{$holder} {$i}");
            }
        }
        $used = array_column(TrueUp::of($all)->soundings, 'used', 'id');
        foreach ($used as $id => $one) {
            self::assertSame((int) substr($id, -1) >= 2, $one, $id);
        }
    }

    public function test_the_next_to_be_sounded_narrows_as_it_says(): void
    {
        $owners = array_map($this->owners(...), ['P2', 'S2', 'P5']);
        $known = TrueUp::of([$this->sounded('P2', $this->run_('P2')->depth())]);
        $next = NextSounding::of($known, $this->plan->lines, $owners, $this->conditions);
        self::assertNotNull($next);
        $spread = fn (TrueUp $known): float => sqrt(array_sum(array_map(
            fn (string $holder): float => ($this->run_($holder, $known)->doubt->deviation ?? 0.0) ** 2, ['P2', 'S2', 'P5'],
        )) / 3);
        $after = [];
        foreach (['P2', 'S2', 'P5'] as $holder) {
            $after[$holder] = $spread(TrueUp::of([
                $this->sounded('P2', $this->run_('P2')->depth()),
                $this->sounded($holder, $this->run_($holder, $known)->depth(), 'next'),
            ]));
        }
        self::assertSame($next->holder, array_search(min($after), $after, true));
        self::assertEqualsWithDelta($spread($known), $next->before, 0.1 * $next->before);
        self::assertEqualsWithDelta($after[$next->holder], $next->after, 0.2 * $next->before);
        self::assertStringContainsString("Touch bottom with {$next->holder}", $next->says()->in(Units::Us));
    }

    public function test_a_depth_no_sounding_has_and_a_certainty_none_is_of_are_refused(): void
    {
        $no = [[0.1, 0.3, 'depth'], [INF, 0.3, 'depth'], [9.0, 0.0, 'deviation'], [9.0, NAN, 'deviation']];
        foreach ($no as [$depth, $sd, $field]) {
            try {
                new Sounded('x', $this->plan->lines[0], $this->conditions, [], $depth, $sd);
                self::fail($field);
            } catch (InvalidValue $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
    }

    /** @return array<string, string> */
    private function owners(string $holder): array
    {
        return Owners::of($this->plan->describedOf($holder), $this->plan->lineOf($holder)->rig, 'today');
    }

    private function sounded(string $holder, float $depth, string $id = 'one', bool $confirmed = false): Sounded
    {
        return new Sounded(
            $id, $this->plan->lineOf($holder), $this->conditions, $this->owners($holder), $depth,
            SoundingMethod::Bottom->deviation(), $confirmed,
        );
    }

    private function run_(string $holder, ?TrueUp $known = null): RunningLine
    {
        $line = $this->plan->lineOf($holder);

        return (new SpreadSolver)->run($line->withTrued($known?->trued($this->owners($holder))), $this->conditions);
    }

    private function depth(PlannedLine $line): float
    {
        return (new SpreadSolver)->run($line, $this->conditions, withDoubt: false)->depth();
    }

    /**
     * @param  list<float>  $values
     * @param  list<float>  $counts
     */
    private static function quantile(array $values, array $counts, float $share): float
    {
        array_multisort($values, $counts);
        $left = $share * array_sum($counts);
        foreach ($values as $i => $value) {
            $left -= $counts[$i];
            if ($left <= 0.0) {
                return $value;
            }
        }

        return $values[count($values) - 1];
    }

    /**
     * @param  list<float>  $values
     * @param  list<float>  $counts
     */
    private static function weighed(array $values, array $counts): float
    {
        return array_sum(array_map(static fn (float $value, float $count): float => $value * $count, $values, $counts))
            / array_sum($counts);
    }
}
