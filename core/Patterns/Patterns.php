<?php

declare(strict_types=1);

namespace Admek\Core\Patterns;

use Admek\Core\Numerics\Gamma;
use Admek\Core\Patterns\Internal\AllElseAlike;
use Admek\Core\Patterns\Internal\Mixture;
use Admek\Core\Patterns\Internal\Shrunk;

/** What a season says of how it was fished: rates by each factor's levels, as they look and all else alike (docs/patterns.md). */
final readonly class Patterns
{
    /**
     * @param  array<string, list<Rate>>  $factors  the most fished level first
     */
    private function __construct(public float $hours, public int $bites, public array $factors)
    {
    }

    /**
     * @param  list<Exposure>  $exposures
     * @param  bool  $alike  whether factors are told apart; else as it looks alone
     */
    public static function of(array $exposures, bool $alike = true): self
    {
        $hours = array_sum(array_map(static fn (Exposure $one): float => $one->hours, $exposures));
        $bites = array_sum(array_map(static fn (Exposure $one): int => $one->bites, $exposures));
        $levels = self::levels($exposures);
        $alike = $alike ? self::alike($exposures, $levels, $bites) : [];
        $factors = [];
        foreach ($levels as $factor => $all) {
            $shrunk = new Shrunk(array_values($all));
            $rates = [];
            foreach ($all as $level => [$h, $y]) {
                [$times, $low, $high] = $alike[$factor][$level] ?? [null, null, null];
                [$rate, $least, $most] = $shrunk->of($h, $y);
                $rates[] = new Rate((string) $level, $h, $y, $rate, $least, $most, $times, $low, $high);
            }
            usort($rates, static fn (Rate $a, Rate $b): int => [$b->hours, $a->level] <=> [$a->hours, $b->level]);
            $factors[$factor] = $rates;
        }

        return new self($hours, $bites, $factors);
    }

    /**
     * How often it bites at all, by its own bites alone (Gamma–Poisson with Jeffreys' prior); null where nothing was
     * fished.
     */
    public function overall(): ?Rate
    {
        if ($this->hours <= 0.0) {
            return null;
        }
        $ends = array_map(fn (float $end): float => Gamma::quantile($this->bites + 0.5, $end) / $this->hours, Rate::ENDS);

        return new Rate('', $this->hours, $this->bites, $this->bites / $this->hours, $ends[0], $ends[1], null, null, null);
    }

    /**
     * @param  list<Exposure>  $exposures
     * @return array<string, array<array-key, array{float, int}>> hours and bites by factor and level
     */
    private static function levels(array $exposures): array
    {
        $levels = [];
        foreach ($exposures as $one) {
            foreach ($one->levels as $factor => $level) {
                $levels[$factor][$level] ??= [0.0, 0];
                $levels[$factor][$level][0] += $one->hours;
                $levels[$factor][$level][1] += $one->bites;
            }
        }

        return $levels;
    }

    /**
     * @param  list<Exposure>  $exposures
     * @param  array<string, array<array-key, array{float, int}>>  $levels
     * @return array<string, array<array-key, array{float, float, float}>> multiplier and the ends of 80 %, by factor and level
     */
    private static function alike(array $exposures, array $levels, int $bites): array
    {
        // One level of a factor cannot be told from the rest.
        $levels = array_filter($levels, static fn (array $all): bool => count($all) > 1);
        if ($bites === 0 || $levels === []) {
            return [];
        }
        $places = [];
        $next = 1;
        foreach ($levels as $factor => $all) {
            foreach (array_keys($all) as $level) {
                $places[$factor][$level] = $next++;
            }
        }
        $cells = [];
        foreach ($exposures as $one) {
            $at = [];
            foreach ($one->levels as $factor => $level) {
                if (isset($places[$factor])) {
                    $at[] = $places[$factor][$level];
                }
            }
            // Of what is known of it, in whatever order it is told.
            sort($at);
            if ($one->hours > 0.0) {
                $key = implode(' ', $at);
                $cells[$key] ??= [0.0, 0, $at];
                $cells[$key][0] += $one->hours;
                $cells[$key][1] += $one->bites;
            }
        }
        $fit = new AllElseAlike(array_values($cells), array_map(count(...), array_values($levels)));
        $alike = [];
        foreach (array_keys($places) as $i => $factor) {
            foreach ($fit->of($i) as $j => $mixed) {
                $alike[$factor][array_keys($places[$factor])[$j]] = array_map(exp(...), [
                    array_sum(array_map(static fn (array $one): float => $one[0] * $one[1], $mixed)),
                    Mixture::quantile($mixed, Rate::ENDS[0]), Mixture::quantile($mixed, Rate::ENDS[1]),
                ]);
            }
        }

        return $alike;
    }
}
