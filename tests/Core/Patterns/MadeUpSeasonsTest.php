<?php

declare(strict_types=1);

namespace Tests\Core\Patterns;

use Admek\Core\Patterns\BiteWindow;
use Admek\Core\Patterns\Exposure;
use Admek\Core\Patterns\Patterns;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Support\Drawn;

/** Seasons drawn with known rates: intervals hold what they say, and a lure that hung in the right place is seen through. */
#[Group('slow')]
final class MadeUpSeasonsTest extends TestCase
{
    private const SEASONS = 200;

    /** @var array<string, array{int, float, float}> levels, and the least and greatest deviation of their effects */
    private const FACTORS = [
        'lure' => [9, 0.1, 0.6], 'depth' => [6, 0.1, 0.8], 'side' => [2, 0.0, 0.2], 'speed' => [4, 0.05, 0.35],
        'light' => [4, 0.05, 0.45], 'turn' => [2, 0.0, 0.2], 'clarity' => [3, 0.0, 0.3],
    ];

    private Drawn $drawn;

    public function test_four_in_five_intervals_hold_the_truth_and_a_confounded_lure_is_seen_through(): void
    {
        $this->drawn = new Drawn(20261127);
        $looks = $alike = $confounded = [];
        for ($season = 0; $season < self::SEASONS; $season++) {
            [$exposures, $rates, $effects] = $this->season();
            foreach (Patterns::of($exposures)->factors as $factor => $levels) {
                foreach ($levels as $rate) {
                    $true = $rates[$factor][$rate->level];
                    $looks[] = $true >= $rate->low && $true <= $rate->high;
                    $effect = exp($effects[$factor][$rate->level]);
                    $alike[] = $effect >= $rate->timesLow && $effect <= $rate->timesHigh;
                    if ($factor === 'lure' && $rate->level === 'L0') {
                        $confounded[] = max($rate->times, 1.0 / ($rate->times ?? 1e-9));
                    }
                }
            }
        }
        self::assertEqualsWithDelta(0.80, self::share($looks), 0.04);
        self::assertEqualsWithDelta(0.80, self::share($alike), 0.04);
        sort($confounded);
        self::assertCount(self::SEASONS, $confounded);
        self::assertLessThanOrEqual(1.25, $confounded[intdiv(self::SEASONS, 2)]);
    }

    public function test_four_in_five_hold_the_truth_along_the_day(): void
    {
        $this->drawn = new Drawn(7);
        $held = [];
        for ($season = 0; $season < 60; $season++) {
            $apart = 0.05 + 0.4 * $this->drawn->even();
            $log = log(0.1 + 0.3 * $this->drawn->even());
            $much = 10 ** (1.5 * $this->drawn->even());
            [$fished, $true] = [[], []];
            for ($bin = 10; $bin < 34; $bin++) {
                $log += $apart * $this->drawn->normal();
                $true[$bin] = exp($log);
                $hours = $bin > 18 && $bin < 21 ? 0.0 : $much * (0.3 + $this->drawn->even());
                $fished[] = [0.5 * $bin + 0.2, $hours, $this->poisson($hours * $true[$bin])];
            }
            foreach (BiteWindow::of($fished, 0.5)->bins as $one) {
                $rate = $true[(int) round(2 * $one['from'])];
                $held[] = $rate >= $one['low'] && $rate <= $one['high'];
            }
        }
        self::assertGreaterThan(1200, count($held));
        self::assertEqualsWithDelta(0.80, self::share($held), 0.04);
    }

    /**
     * Line-hours; true rate and effect of each factor's levels.
     *
     * @return array{list<Exposure>, array<string, array<string, float>>, array<string, array<string, float>>}
     */
    private function season(): array
    {
        /** @var array<string, array<string, float>> $effects */
        $effects = [];
        foreach (self::FACTORS as $factor => [$levels, $least, $most]) {
            $apart = $least + ($most - $least) * $this->drawn->even();
            for ($level = 0; $level < $levels; $level++) {
                $effects[$factor]["L{$level}"] = $apart * $this->drawn->normal();
            }
        }
        // The first lure does nothing of its own, and hangs where it bites best.
        $effects['lure']['L0'] = 0.0;
        $best = (string) array_search(max($effects['depth']), $effects['depth'], true);
        $mean = 0.1 + 0.4 * $this->drawn->even();
        $season = 60.0 * 20.0 ** $this->drawn->even();
        $exposures = $bites = $hours = [];
        for ($gone = 0.0; $gone < $season; $gone += $long) {
            $long = 0.1 + 0.8 * $this->drawn->even();
            /** @var array<string, string> $levels */
            $levels = [];
            foreach (self::FACTORS as $factor => [$count]) {
                $levels[$factor] = 'L'.(int) ($count * $this->drawn->even() * $this->drawn->even());
            }
            // Every lure has a depth it is mostly run at.
            $levels['depth'] = match (true) {
                $levels['lure'] === 'L0' => $best,
                $this->drawn->even() < 0.5 => 'L'.(5 * (int) substr($levels['lure'], 1) % 6),
                default => $levels['depth'],
            };
            $rate = $mean * exp(array_sum(array_map(
                static fn (string $factor, string $level): float => $effects[$factor][$level], array_keys($levels), $levels,
            )));
            foreach ($levels as $factor => $level) {
                $bites[$factor][$level] = ($bites[$factor][$level] ?? 0.0) + $rate * $long;
                $hours[$factor][$level] = ($hours[$factor][$level] ?? 0.0) + $long;
            }
            $exposures[] = new Exposure($long, $this->poisson($rate * $long), $levels);
        }
        $rates = [];
        foreach ($bites as $factor => $levels) {
            foreach ($levels as $level => $bitten) {
                $rates[$factor][$level] = $bitten / $hours[$factor][$level];
            }
        }

        return [$exposures, $rates, $effects];
    }

    private function poisson(float $mean): int
    {
        [$gone, $count] = [-log($this->drawn->even()), 0];
        while ($gone < $mean) {
            $gone -= log($this->drawn->even());
            $count++;
        }

        return $count;
    }

    /** @param  list<bool>  $held */
    private static function share(array $held): float
    {
        return count(array_filter($held)) / count($held);
    }
}
