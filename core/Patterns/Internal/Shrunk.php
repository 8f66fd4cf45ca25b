<?php

declare(strict_types=1);

namespace Admek\Core\Patterns\Internal;

use Admek\Core\Numerics\Gamma;
use Admek\Core\Patterns\Rate;

/**
 * Rates of one factor's levels, one by one: bites of a level are Poisson, rates of levels Gamma about the boat's mean, which
 * makes bites negative binomial (Greenwood & Yule 1920, J. R. Stat. Soc. 83, 255). How far levels lie apart, and the mean, are
 * weighed by how likely they make the bites of all levels (Gelman et al. 2013, Bayesian Data Analysis, 5.3), so that few levels
 * or few bites draw rates in no closer than the data bear out.
 */
final class Shrunk
{
    /** Coefficients of variation that rates of levels may have, and the deviation of the half normal they are of beforehand. */
    private const APART = [0.05, 0.15, 0.25, 0.35, 0.5, 0.65, 0.8, 1.0, 1.25, 1.5];

    private const SPREAD = 0.7;

    /** Logarithms of the mean about that of all bites over all hours, in steps of so many of its own deviations. */
    private const MEANS = [-2.0, -1.0, 0.0, 1.0, 2.0];

    /** @var list<array{float, float, float}> weight, shape and rate of what each level's rate is drawn from */
    private array $priors = [];

    /** @param  list<array{float, int}>  $levels  hours and bites of each */
    public function __construct(array $levels)
    {
        $hours = array_sum(array_column($levels, 0));
        $bites = array_sum(array_column($levels, 1));
        $mean = ($bites + 0.5) / max($hours, 1e-9);
        $step = 1.0 / sqrt($bites + 1.0) + 0.15;
        $logs = [];
        foreach (Apart::beforehand(self::APART, self::SPREAD) as [$apart, $likely]) {
            $shape = 1.0 / ($apart * $apart);
            foreach (self::MEANS as $far) {
                $rate = $shape / ($mean * exp($far * $step));
                $log = $likely;
                foreach ($levels as [$h, $y]) {
                    $log += Gamma::log($shape + $y) - Gamma::log($shape) + $shape * log($rate / ($rate + $h))
                        + ($y > 0 ? $y * log($h / ($rate + $h)) : 0.0);
                }
                $logs[] = $log;
                $this->priors[] = [0.0, $shape, $rate];
            }
        }
        foreach (Apart::weights($logs) as $i => $weight) {
            $this->priors[$i][0] = $weight;
        }
    }

    /**
     * A level's rate by its own hours and bites.
     *
     * @return array{float, float, float} bites an hour: the mean, and the ends of 80 %
     */
    public function of(float $hours, int $bites): array
    {
        $mean = $square = 0.0;
        foreach ($this->priors as [$weight, $shape, $rate]) {
            $at = ($shape + $bites) / ($rate + $hours);
            $mean += $weight * $at;
            $square += $weight * ($at * $at + $at / ($rate + $hours));
        }
        $variance = max(1e-18, $square - $mean * $mean);
        // The mixture, as the Gamma of its mean and variance.
        $shape = $mean * $mean / $variance;
        $scale = $variance / $mean;

        return [$mean, $scale * Gamma::quantile($shape, Rate::ENDS[0]), $scale * Gamma::quantile($shape, Rate::ENDS[1])];
    }
}
