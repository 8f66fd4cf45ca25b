<?php

declare(strict_types=1);

namespace Tests\Core\Patterns;

use Admek\Core\InvalidValue;
use Admek\Core\Numerics\Gamma;
use Admek\Core\Patterns\Bands;
use Admek\Core\Patterns\BiteWindow;
use Admek\Core\Patterns\Exposure;
use Admek\Core\Patterns\Factor;
use Admek\Core\Patterns\PatternRules;
use Admek\Core\Patterns\Patterns;
use Admek\Core\Patterns\Rate;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;
use Tests\Support\Drawn;

/** Rates of known seasons, against closed forms and a brute force. */
final class PatternsTest extends TestCase
{
    public function test_with_much_of_it_a_rate_is_bites_over_hours_and_its_interval_a_gamma_s(): void
    {
        $rates = self::rates([['A', 4000.0, 1600], ['B', 4000.0, 400], ['C', 4000.0, 800]]);
        foreach (['A' => 1600, 'B' => 400, 'C' => 800] as $level => $bites) {
            self::assertEqualsWithDelta($bites / 4000, $rates[$level]->rate, 0.01 * $bites / 4000);
            self::assertEqualsWithDelta(Gamma::quantile($bites, 0.1) / 4000, $rates[$level]->low, 0.005 * $bites / 4000);
            self::assertEqualsWithDelta(Gamma::quantile($bites, 0.9) / 4000, $rates[$level]->high, 0.005 * $bites / 4000);
        }
        // Their logarithms are about a mean of their own; what lies between them is told by the bites.
        self::assertEqualsWithDelta(4.0, $rates['A']->times / $rates['B']->times, 0.08);
    }

    public function test_with_little_of_it_it_is_drawn_to_the_boat_s_mean(): void
    {
        $season = [['A', 20.0, 6], ['B', 20.0, 7], ['C', 20.0, 5], ['D', 20.0, 6]];
        $rates = self::rates([...$season, ['new', 1.0, 1]]);
        self::assertTrue($rates['new']->rate > 0.3 && $rates['new']->rate < 0.5, '1 an hour, drawn to 0.3');
        self::assertTrue($rates['new']->isEarly());
        self::assertFalse($rates['A']->isEarly());
        self::assertGreaterThan(
            $rates['A']->high - $rates['A']->low, $rates['new']->high - $rates['new']->low, 'and less sure than the others',
        );
        $alike = self::rates([['A', 20.0, 6], ['B', 20.0, 6], ['C', 20.0, 6], ['D', 20.0, 6], ['new', 1.0, 1]])['new'];
        $unlike = self::rates([['A', 20.0, 1], ['B', 20.0, 14], ['C', 20.0, 2], ['D', 20.0, 7], ['new', 1.0, 1]])['new'];
        self::assertLessThan($unlike->rate, $alike->rate, 'where lures differ, a new one is given more credit');
    }

    public function test_multipliers_are_those_of_a_brute_force_over_all_they_could_be(): void
    {
        $rates = self::rates([['A', 30.0, 12], ['B', 30.0, 4]]);
        $likely = $at = [];
        foreach ([0.03, 0.08, 0.15, 0.25, 0.4, 0.6, 0.85, 1.2] as $i => $apart) {
            $apartAt = [0.0, 0.03, 0.08, 0.15, 0.25, 0.4, 0.6, 0.85, 1.2, 1.55];
            $width = 0.5 * ($i === 7 ? 2 * (1.2 - 0.85) / 2 + (1.2 - 0.85) : $apartAt[$i + 2] - $apartAt[$i]);
            for ($a = -3.0; $a <= 1.0; $a += 0.05) {
                for ($b = -40; $b <= 40; $b++) {
                    for ($c = -40; $c <= 40; $c++) {
                        [$one, $other] = [$b * $apart / 10, $c * $apart / 10];
                        $weight = $width * exp(
                            -0.5 * ($apart / 0.5) ** 2 - 0.5 * (($b / 10) ** 2 + ($c / 10) ** 2)
                            + 12 * ($a + $one) - 30 * exp($a + $one) + 4 * ($a + $other) - 30 * exp($a + $other) + 25,
                        );
                        $likely["{$i} {$b}"] = ($likely["{$i} {$b}"] ?? 0.0) + $weight;
                        $at["{$i} {$b}"] = $one;
                    }
                }
            }
        }
        asort($at);
        $sum = array_sum($likely);
        $mean = $below = 0.0;
        $ends = [];
        foreach ($at as $i => $one) {
            $mean += $likely[$i] / $sum * $one;
            $below += $likely[$i] / $sum;
            if ((count($ends) === 0 && $below >= 0.1) || (count($ends) === 1 && $below >= 0.9)) {
                $ends[] = $one;
            }
        }
        self::assertEqualsWithDelta($mean, log($rates['A']->times ?? 0.0), 0.03);
        self::assertEqualsWithDelta($ends[0], log($rates['A']->timesLow ?? 0.0), 0.06);
        self::assertEqualsWithDelta($ends[1], log($rates['A']->timesHigh ?? 0.0), 0.06);
    }

    public function test_what_is_always_fished_together_is_divided_and_what_is_not_is_told_apart(): void
    {
        $season = static fn (float $other): array => [
            new Exposure(50.0, 40, ['lure' => 'A', 'depth' => 'deep']),
            new Exposure(50.0, 10, ['lure' => 'B', 'depth' => 'high']),
            ...($other > 0.0 ? [
                new Exposure($other, (int) (0.8 * $other), ['lure' => 'B', 'depth' => 'deep']),
                new Exposure($other, (int) (0.2 * $other), ['lure' => 'A', 'depth' => 'high']),
            ] : []),
        ];
        $together = Patterns::of($season(0.0))->factors;
        [$lure, $depth] = [self::by($together['lure'])['A'], self::by($together['depth'])['deep']];
        self::assertEqualsWithDelta($depth->times, $lure->times, 1e-6, 'neither is known to do it');
        $apart = Patterns::of($season(50.0))->factors;
        self::assertEqualsWithDelta(1.0, self::by($apart['lure'])['A']->times, 0.1);
        self::assertGreaterThan(1.5, self::by($apart['depth'])['deep']->times);
        self::assertEqualsWithDelta(0.5, self::by($apart['lure'])['A']->rate, 0.05, 'as it looks');
        self::assertLessThan(self::wide($lure), self::wide(self::by($apart['lure'])['A']), 'and surer');
    }

    public function test_it_does_not_matter_in_which_order_things_are_told_nor_which_are_not_known(): void
    {
        $season = static fn (bool $turned): array => array_map(static function (array $one) use ($turned): Exposure {
            [$hours, $bites, $levels] = $one;

            return new Exposure($hours, $bites, $turned ? array_reverse($levels) : $levels);
        }, [
            [9.0, 2, ['depth' => 'deep']], [20.0, 11, ['light' => 'low', 'lure' => 'A', 'depth' => 'deep']],
            [20.0, 4, ['light' => 'high', 'lure' => 'B', 'depth' => 'high']], [8.0, 3, ['lure' => 'B', 'depth' => 'deep']],
            [14.0, 2, ['light' => 'low', 'lure' => 'B', 'depth' => 'high']],
        ]);
        $one = Patterns::of($season(false))->factors;
        $other = Patterns::of(array_reverse($season(true)))->factors;
        foreach ($one as $factor => $rates) {
            foreach (self::by($rates) as $level => $rate) {
                self::assertEqualsWithDelta($rate->times, self::by($other[$factor])[$level]->times, 1e-3, "{$factor} {$level}");
            }
        }
    }

    public function test_a_season_of_nothing_of_one_bite_and_of_one_lure(): void
    {
        self::assertSame([], Patterns::of([])->factors);
        $none = self::rates([['A', 10.0, 0], ['B', 5.0, 0]]);
        self::assertNull($none['A']->times);
        self::assertTrue($none['A']->rate > 0.0 && $none['A']->rate < 0.2 && $none['A']->isEarly());
        $one = self::rates([['A', 10.0, 1], ['B', 5.0, 0]]);
        self::assertTrue($one['A']->times > 1.0 && $one['B']->times < 1.0);
        $alone = self::rates([['A', 10.0, 5]]);
        self::assertNull($alone['A']->times, 'there is nothing to tell it from');
        self::assertSame([], BiteWindow::of([[6.0, 3.0, 0]], 0.5)->bins);
        self::assertCount(1, BiteWindow::of([[6.0, 3.0, 2]], 0.5)->bins);
        $this->expectException(InvalidValue::class);
        new Exposure(0.0, 1, []);
    }

    public function test_no_season_however_odd_is_too_odd_to_be_told(): void
    {
        $drawn = new Drawn(3);
        for ($season = 0; $season < 150; $season++) {
            $exposures = [];
            $factors = 1 + (int) (11 * $drawn->even());
            $most = 10 ** (4 * $drawn->even() - 2);
            for ($i = 0, $rows = 1 + (int) (40 * $drawn->even()); $i < $rows; $i++) {
                $levels = [];
                for ($factor = 0; $factor < $factors; $factor++) {
                    if ($factor === 0 || $drawn->even() < 0.8) {
                        $levels["f{$factor}"] = 'L'.(int) (8 * $drawn->even() ** 3);
                    }
                }
                // Told in whatever order.
                $levels = $drawn->even() < 0.5 ? $levels : array_reverse($levels);
                // All of it often bites in one corner, which nothing holds but the ridges.
                $bites = $levels['f0'] === 'L0' && $drawn->even() < 0.4 ? (int) (60 * $drawn->even()) : 0;
                $exposures[] = new Exposure($most * $drawn->even() + 1e-4, $bites, $levels);
            }
            foreach (Patterns::of($exposures)->factors as $rates) {
                foreach ($rates as $rate) {
                    $told = array_filter([$rate->low, $rate->rate, $rate->high, $rate->timesLow, $rate->times, $rate->timesHigh]);
                    self::assertSame([], array_filter($told, static fn (float $one): bool => ! is_finite($one) || $one <= 0.0));
                    self::assertTrue($rate->low <= $rate->rate && $rate->rate <= $rate->high);
                    self::assertTrue($rate->timesLow <= $rate->times && $rate->times <= $rate->timesHigh);
                }
            }
        }
    }

    public function test_where_no_lines_were_in_the_water_the_curve_joins_both_sides_and_is_less_sure(): void
    {
        $bins = BiteWindow::of([[6.1, 20.0, 10], [6.6, 20.0, 9], [7.6, 20.0, 3], [8.1, 20.0, 2]], 0.5)->bins;
        self::assertSame([6.0, 6.5, 7.0, 7.5, 8.0], array_column($bins, 'from'));
        self::assertSame(0.0, $bins[2]['hours']);
        self::assertTrue($bins[1]['rate'] > $bins[2]['rate'] && $bins[2]['rate'] > $bins[3]['rate']);
        $wide = array_map(static fn (array $bin): float => log($bin['high'] / $bin['low']), $bins);
        self::assertGreaterThan($wide[1], $wide[2]);
    }

    public function test_figures_are_counted_in_bands_as_wide_as_the_captain_has_them(): void
    {
        $bands = new Bands(RuleBook::of(PatternRules::rules()));
        $deep = $bands->level(Factor::Depth, 62 * Units::FOOT);
        self::assertSame('60–70 ft', $bands->words(Factor::Depth, $deep, Units::Us));
        self::assertSame($deep, $bands->level(Factor::Depth, 60 * Units::FOOT));
        $wide = new Bands(RuleBook::of(PatternRules::rules(), ['depth' => 5.0]));
        self::assertEqualsWithDelta([15.0, 20.0], $wide->ends(Factor::Depth, $wide->level(Factor::Depth, 18.9)), 1e-9);
        self::assertSame('glow', $bands->words(Factor::Finish, 'glow', Units::Us));
        self::assertSame('-1', $bands->level(Factor::Temperature, -0.5));
    }

    /**
     * @param  list<array{string, float, int}>  $season  lure, hours, bites
     * @return array<string, Rate>
     */
    private static function rates(array $season): array
    {
        return self::by(Patterns::of(array_map(
            static fn (array $one): Exposure => new Exposure($one[1], $one[2], ['lure' => $one[0]]), $season,
        ))->factors['lure']);
    }

    /**
     * @param  list<Rate>  $rates
     * @return array<string, Rate> by level
     */
    private static function by(array $rates): array
    {
        return array_column(array_map(static fn (Rate $rate): array => [$rate->level, $rate], $rates), 1, 0);
    }

    private static function wide(Rate $rate): float
    {
        return log(($rate->timesHigh ?? 0.0) / ($rate->timesLow ?? 1.0));
    }
}
