<?php

declare(strict_types=1);

namespace Admek\Core\Numerics;

/** The Gamma distribution (Abramowitz & Stegun 1964, 6.1.41, 6.5.29 and 6.5.31; 26.4.17 for where a quantile is looked for). */
final class Gamma
{
    private const MOST_TERMS = 500;

    /** Share of an answer that is worth another term. */
    private const EXACT = 1e-13;

    private const MOST_STEPS = 60;

    /** Below which its logarithm is taken up the recurrence before the series is good. */
    private const LARGE = 12.0;

    /** Natural logarithm of Γ. */
    public static function log(float $shape): float
    {
        $less = 0.0;
        for (; $shape < self::LARGE; $shape++) {
            $less += log($shape);
        }
        $square = 1.0 / ($shape * $shape);
        $series = (1 / 12 - $square * (1 / 360 - $square * (1 / 1260 - $square * (1 / 1680 - $square / 1188)))) / $shape;

        return ($shape - 0.5) * log($shape) - $shape + 0.5 * log(2.0 * M_PI) + $series - $less;
    }

    /** Share of it that lies below, of unit rate. */
    public static function below(float $shape, float $at): float
    {
        if ($at <= 0.0) {
            return 0.0;
        }
        $front = exp($shape * log($at) - $at - self::log($shape));
        if ($at < $shape + 1.0) {
            $term = $sum = 1.0 / $shape;
            for ($n = 1; $n < self::MOST_TERMS && $term > self::EXACT * $sum; $n++) {
                $term *= $at / ($shape + $n);
                $sum += $term;
            }

            return min(1.0, $front * $sum);
        }
        // The continued fraction of what lies above, by Lentz's way.
        $b = $at + 1.0 - $shape;
        $c = 1e300;
        $fraction = $d = 1.0 / $b;
        for ($n = 1; $n < self::MOST_TERMS; $n++) {
            $a = -$n * ($n - $shape);
            $b += 2.0;
            $d = 1.0 / ($b + $a * $d);
            $c = $b + $a / $c;
            $fraction *= $c * $d;
            if (abs($c * $d - 1.0) < self::EXACT) {
                break;
            }
        }

        return max(0.0, 1.0 - $front * $fraction);
    }

    /**
     * Below which such a share of it lies, of unit rate.
     *
     * @param  float  $share  more than 0, less than 1
     */
    public static function quantile(float $shape, float $share): float
    {
        [$least, $most] = [0.0, $shape + 10.0 * sqrt($shape) + 20.0];
        $at = max(self::wilsonHilferty($shape, $share), exp((log($share) + self::log($shape + 1.0)) / $shape) * 0.5);
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            $miss = self::below($shape, $at) - $share;
            $miss < 0.0 ? $least = $at : $most = $at;
            $density = $at > 0.0 ? exp(($shape - 1.0) * log($at) - $at - self::log($shape)) : 0.0;
            $next = $density > 0.0 ? $at - $miss / $density : $least;
            if ($next <= $least || $next >= $most) {
                $next = 0.5 * ($least + $most);
            }
            if (abs($next - $at) <= 1e-10 * $at) {
                return $next;
            }
            $at = $next;
        }

        return $at;
    }

    private static function wilsonHilferty(float $shape, float $share): float
    {
        // A normal deviate by 26.2.23.
        $t = sqrt(-2.0 * log(min($share, 1.0 - $share)));
        $z = $t - (2.515517 + $t * (0.802853 + $t * 0.010328)) / (1.0 + $t * (1.432788 + $t * (0.189269 + $t * 0.001308)));
        $z *= $share < 0.5 ? -1.0 : 1.0;
        $third = 1.0 - 1.0 / (9.0 * $shape) + $z / (3.0 * sqrt($shape));

        return $third > 0.0 ? $shape * $third ** 3 : 0.0;
    }
}
