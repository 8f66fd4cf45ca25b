<?php

declare(strict_types=1);

namespace Admek\Core\Patterns;

use Admek\Core\Numerics\Symmetric;
use Admek\Core\Patterns\Internal\Apart;
use Admek\Core\Patterns\Internal\Mixture;

/**
 * How often it bites along the clock, or along the sun's height, as a curve with its interval: logarithms of neighbouring rates
 * differ by a normal (a first-order random walk; Fahrmeir & Tutz 2001, Multivariate Statistical Modelling, 5.3), each bin's bites
 * are Poisson; each deviation that neighbours may differ by is weighed by how likely it makes the bites (Tierney & Kadane 1986,
 * J. Am. Stat. Assoc. 81, 82). Where no lines were in the water the curve says what lies on both sides, and how unsure.
 */
final readonly class BiteWindow
{
    private const MOST_STEPS = 30;

    private const STILL = 1e-4;

    /** Deviations that logarithms of neighbouring rates may differ by, each as likely beforehand as a half normal has it. */
    private const APART = [0.05, 0.12, 0.2, 0.3, 0.45, 0.65, 0.9];

    private const SPREAD = 0.4;

    /** Information of the whole height beforehand, about the mean: enough that one bin alone can be told. */
    private const HOLD = 0.05;

    /** h of the clock in a bin, and degrees of the sun's height. */
    public const CLOCK = 0.5;

    public const SUN = 5.0;

    /** Bins that are worth a curve at most. */
    public const MOST_BINS = 96;

    /** @param  list<array{from: float, to: float, hours: float, bites: int, rate: float, low: float, high: float}>  $bins */
    private function __construct(public array $bins)
    {
    }

    /**
     * @param  list<array{float, float, int}>  $fished  where it was, line-hours there, and bites
     * @param  float  $wide  of a bin
     */
    public static function of(array $fished, float $wide): self
    {
        $hours = $bites = [];
        foreach ($fished as [$at, $h, $y]) {
            $bin = (int) floor($at / $wide + 1e-9);
            $hours[$bin] = ($hours[$bin] ?? 0.0) + $h;
            $bites[$bin] = ($bites[$bin] ?? 0) + $y;
        }
        $all = array_sum($bites);
        if ($all === 0 || array_sum($hours) <= 0.0) {
            return new self([]);
        }
        ksort($hours);
        $first = (int) array_key_first($hours);
        $count = min(self::MOST_BINS, (int) array_key_last($hours) - $first + 1);
        $h = array_map(static fn (int $i): float => $hours[$first + $i] ?? 0.0, range(0, $count - 1));
        $y = array_map(static fn (int $i): int => $bites[$first + $i] ?? 0, range(0, $count - 1));
        $tried = array_map(
            static fn (array $apart): array => self::walk($h, $y, ...$apart), Apart::beforehand(self::APART, self::SPREAD),
        );
        $weights = Apart::weights(array_column($tried, 0));
        $bins = [];
        foreach ($h as $i => $lines) {
            $mixed = array_map(
                static fn (array $one, float $weight): array => [$weight, $one[1][$i], $one[2][$i]], $tried, $weights,
            );
            $bins[] = [
                'from' => ($first + $i) * $wide, 'to' => ($first + $i + 1) * $wide, 'hours' => $lines, 'bites' => $y[$i],
                'rate' => exp(array_sum(array_map(static fn (array $one): float => $one[0] * $one[1], $mixed))),
                'low' => exp(Mixture::quantile($mixed, Rate::ENDS[0])), 'high' => exp(Mixture::quantile($mixed, Rate::ENDS[1])),
            ];
        }

        return new self($bins);
    }

    /**
     * Where it bites best: not where the curve is highest, for that may be a bin of little, but where it is surest of much.
     *
     * @return ?array{from: float, to: float, hours: float, bites: int, rate: float, low: float, high: float}
     */
    public function best(): ?array
    {
        $best = null;
        foreach ($this->bins as $bin) {
            $best = $best === null || $bin['low'] > $best['low'] ? $bin : $best;
        }

        return $best;
    }

    /**
     * The likeliest curve where neighbours differ by so much, which is so likely beforehand.
     *
     * @param  list<float>  $hours
     * @param  list<int>  $bites
     * @param  float  $likely  as a logarithm
     * @return array{float, list<float>, list<float>} logarithms: how likely that makes the bites; of the rate in each
     *                                                bin, and its deviation
     */
    private static function walk(array $hours, array $bites, float $apart, float $likely): array
    {
        $count = count($hours);
        $mean = log(array_sum($bites) / array_sum($hours));
        $prior = self::neighbours($count, $apart);
        $at = array_fill(0, $count, $mean);
        $lower = [];
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            $matrix = $prior;
            $pull = array_fill(0, $count, self::HOLD * $mean);
            for ($i = 0; $i < $count; $i++) {
                $expected = $hours[$i] * exp($at[$i]);
                $matrix[$i][$i] += $expected;
                $pull[$i] += $expected * $at[$i] + $bites[$i] - $expected;
            }
            $lower = Symmetric::cholesky($matrix);
            $to = Symmetric::solve($lower, $pull);
            $by = array_map(static fn (float $to, float $from): float => max(-1.0, min(1.0, $to - $from)), $to, $at);
            $at = array_map(static fn (float $from, float $more): float => $from + $more, $at, $by);
            if (max(0.0, ...array_map(abs(...), $by)) < self::STILL) {
                break;
            }
        }
        foreach (Symmetric::cholesky($prior) as $i => $row) {
            $off = $at[$i] - $mean;
            $step = $i > 0 ? $at[$i] - $at[$i - 1] : 0.0;
            $likely += log($row[$i]) - log($lower[$i][$i]) - 0.5 * (self::HOLD * $off * $off + ($step / $apart) ** 2)
                + $bites[$i] * $at[$i] - $hours[$i] * exp($at[$i]);
        }
        $covariance = Symmetric::inverse($lower);

        return [$likely, $at, array_map(static fn (int $i): float => sqrt($covariance[$i][$i]), array_keys($at))];
    }

    /** @return array<int, array<int, float>> the information of each pair, by what neighbours say of one another */
    private static function neighbours(int $count, float $apart): array
    {
        $matrix = array_fill(0, $count, array_fill(0, $count, 0.0));
        $each = 1.0 / ($apart * $apart);
        for ($i = 0; $i < $count; $i++) {
            $matrix[$i][$i] += self::HOLD;
            if ($i > 0) {
                $matrix[$i][$i] += $each;
                $matrix[$i - 1][$i - 1] += $each;
                $matrix[$i][$i - 1] -= $each;
                $matrix[$i - 1][$i] -= $each;
            }
        }

        return $matrix;
    }
}
