<?php

declare(strict_types=1);

namespace Admek\Core\Patterns\Internal;

use Admek\Core\Numerics\Symmetric;

/**
 * All factors together: bites are Poisson, their rate a product of one multiplier for each factor's level, whose logarithms are
 * normal about nought, those of one factor as far apart as they are found to be: a Poisson regression with a ridge for each
 * factor. Multipliers by iteratively reweighted least squares (McCullagh & Nelder 1989, Generalized Linear Models, 2.5), ridges
 * by the EM of variance components on the same working data (Breslow & Clayton 1993, J. Am. Stat. Assoc. 88, 9; Schall 1991).
 */
final class AllElseAlike
{
    private const MOST_STEPS = 12;

    /** Rounds of ridges between two of multipliers. */
    private const ROUNDS = 4;

    private const STILL = 1e-3;

    /** A step that moves no logarithm by more cannot leap. */
    private const NEAR = 0.05;

    /** Shares of a step that are tried. */
    private const LEAST = 1e-4;

    /** Of a factor's multipliers beforehand: so many levels' worth of so great a variance. */
    private const PRIOR = [0.5, 0.08];

    /** Deviations that logarithms of one factor's multipliers may have, each as likely beforehand as a half normal has it. */
    private const APART = [0.03, 0.08, 0.15, 0.25, 0.4, 0.6, 0.85, 1.2];

    private const SPREAD = 0.5;

    /** @var array<int, float> logarithms; of the rate itself first */
    private array $at;

    /** @var array<int, array<int, float>> the factor of what is known */
    private array $lower = [];

    /** @var array<int, array<int, float>> */
    private array $covariance;

    /** @var array<int, int> factor of each multiplier, from place 1 */
    private array $factors = [];

    /** @var array<int, float> variance of each factor's */
    private array $variances;

    /**
     * @param  list<array{float, int, list<int>}>  $cells  hours, bites and the places of the levels they were fished at, rising
     * @param  list<int>  $levels  how many each factor has: their places run on from one to the next, from 1
     */
    public function __construct(private readonly array $cells, array $levels)
    {
        foreach ($levels as $factor => $count) {
            $this->factors += array_fill(count($this->factors) + 1, $count, $factor);
        }
        $this->variances = array_fill(0, count($levels), self::PRIOR[1]);
        $hours = array_sum(array_column($cells, 0));
        $this->at = [log(array_sum(array_column($cells, 1)) / $hours), ...array_fill(0, count($this->factors), 0.0)];
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            if ($this->step() < self::STILL) {
                break;
            }
        }
        $this->covariance = Symmetric::inverse($this->lower);
    }

    /**
     * The multipliers of one factor's levels, weighed over how far apart they may lie: what is known of them where that is as it
     * was found, (m, V), becomes (I + δV)⁻¹(m, V) where the ridge is δ more, and is as likely as
     * |I + δV|^-½ σ^-L exp(½ mᵀV⁻¹((I + δV)⁻¹ − I)m).
     *
     * @return list<list<array{float, float, float}>> of each level, by how far apart they lie: weight, logarithm and deviation
     */
    public function of(int $factor): array
    {
        $places = array_keys($this->factors, $factor, true);
        $block = array_map(fn (int $a): array => array_map(
            fn (int $b): float => $this->covariance[$a][$b], $places,
        ), $places);
        $found = array_map(fn (int $a): float => $this->at[$a], $places);
        $axes = [];
        foreach (Symmetric::eigen($block) as [$value, $vector]) {
            $axes[] = [max(1e-12, $value), $vector, self::product($vector, $found)];
        }
        $logs = $told = [];
        foreach (Apart::beforehand(self::APART, self::SPREAD) as [$apart, $log]) {
            $more = 1.0 / ($apart * $apart) - 1.0 / $this->variances[$factor];
            $log -= count($places) * log($apart);
            $means = $variances = array_fill(0, count($places), 0.0);
            foreach ($axes as [$value, $vector, $along]) {
                $share = 1.0 / (1.0 + $more * $value);
                $log += 0.5 * log($share) + 0.5 * $along * $along / $value * ($share - 1.0);
                foreach ($vector as $j => $part) {
                    $means[$j] += $share * $along * $part;
                    $variances[$j] += $share * $value * $part * $part;
                }
            }
            $logs[] = $log;
            $told[] = [$means, $variances];
        }
        $weights = Apart::weights($logs);

        return array_map(static fn (int $j): array => array_map(
            static fn (float $weight, array $one): array => [$weight, $one[0][$j], sqrt($one[1][$j])], $weights, $told,
        ), array_keys($places));
    }

    /**
     * @param  array<int, float>  $one
     * @param  array<int, float>  $other
     */
    private static function product(array $one, array $other): float
    {
        return array_sum(array_map(static fn (float $a, float $b): float => $a * $b, $one, $other));
    }

    /** Moves all, and says by how much at most. */
    private function step(): float
    {
        [$weights, $pull] = $this->working();
        $before = $this->at;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $matrix = $weights;
            foreach ($this->factors as $i => $factor) {
                $matrix[$i][$i] += 1.0 / $this->variances[$factor];
            }
            $matrix[0][0] += 1e-9;
            $lower = Symmetric::cholesky($matrix);
            $to = Symmetric::solve($lower, $pull);
            $this->lower = $lower;
            if ($round + 1 < self::ROUNDS) {
                $this->spread($to, Symmetric::inverseDiagonal($lower));
            }
        }
        $by = array_map(static fn (float $one, float $from): float => $one - $from, $to, $before);
        $most = max(0.0, ...array_map(abs(...), $by));
        // So far as it makes what bit likelier: a whole step can leap where there is little to hold it.
        $likely = $most < self::NEAR ? -INF : $this->likely($before);
        for ($share = 1.0; $share > self::LEAST; $share *= 0.5) {
            $this->at = array_map(static fn (float $from, float $more): float => $from + $share * $more, $before, $by);
            if ($likely === -INF || $this->likely($this->at) >= $likely) {
                return $share * $most;
            }
        }
        $this->at = $before;

        return 0.0;
    }

    /**
     * How likely multipliers make all that bit, beside a constant, as a logarithm.
     *
     * @param  array<int, float>  $at
     */
    private function likely(array $at): float
    {
        $likely = 0.0;
        foreach ($this->factors as $i => $factor) {
            $likely -= 0.5 * $at[$i] * $at[$i] / $this->variances[$factor];
        }
        foreach ($this->cells as [$hours, $bites, $levels]) {
            $log = $at[0];
            foreach ($levels as $place) {
                $log += $at[$place];
            }
            $likely += $bites * $log - $hours * exp($log);
        }

        return $likely;
    }

    /**
     * How far the levels of each factor lie apart, by where they are and how unsure.
     *
     * @param  array<int, float>  $to
     * @param  array<int, float>  $unsure  variances
     */
    private function spread(array $to, array $unsure): void
    {
        [$count, $variance] = self::PRIOR;
        $sums = array_fill(0, count($this->variances), $count * $variance);
        $counts = array_fill(0, count($this->variances), $count);
        foreach ($this->factors as $i => $factor) {
            $sums[$factor] += $to[$i] ** 2 + $unsure[$i];
            $counts[$factor]++;
        }
        foreach ($sums as $factor => $sum) {
            $this->variances[$factor] = $sum / $counts[$factor];
        }
    }

    /**
     * What the bites say where the multipliers stand: the information of each pair, and which way it pulls.
     *
     * @return array{array<int, array<int, float>>, array<int, float>}
     */
    private function working(): array
    {
        $n = count($this->at);
        $pairs = array_fill(0, $n * $n, 0.0);
        $pull = array_fill(0, $n, 0.0);
        foreach ($this->cells as [$hours, $bites, $levels]) {
            $log = $this->at[0];
            foreach ($levels as $place) {
                $log += $this->at[$place];
            }
            $expected = $hours * exp($log);
            // Working response times its weight: so much the information has where it stands, and the miss.
            $told = $expected * $log + $bites - $expected;
            $pairs[0] += $expected;
            $pull[0] += $told;
            foreach ($levels as $i => $a) {
                $pull[$a] += $told;
                $row = $a * $n;
                $pairs[$row] += $expected;
                // Places run on from factor to factor, so that those before are less.
                for ($j = 0; $j <= $i; $j++) {
                    $pairs[$row + $levels[$j]] += $expected;
                }
            }
        }
        $weights = [];
        for ($a = 0; $a < $n; $a++) {
            for ($b = 0; $b <= $a; $b++) {
                $weights[$a][$b] = $weights[$b][$a] = $pairs[$a * $n + $b];
            }
        }

        return [$weights, $pull];
    }
}
