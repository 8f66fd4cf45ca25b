<?php

declare(strict_types=1);

namespace Tests\Core\Numerics;

use Admek\Core\Numerics\Gamma;
use PHPUnit\Framework\TestCase;

/** The Gamma distribution against closed forms. */
final class GammaTest extends TestCase
{
    public function test_its_logarithm_is_that_of_factorials_and_of_halves(): void
    {
        $sum = 0.0;
        foreach (range(1, 40) as $n) {
            self::assertEqualsWithDelta($sum, Gamma::log((float) $n), 1e-10 * max(1.0, $sum));
            $sum += log($n);
        }
        self::assertEqualsWithDelta(0.5 * log(M_PI), Gamma::log(0.5), 1e-12);
        self::assertEqualsWithDelta(log(sqrt(M_PI) * 3 / 4), Gamma::log(2.5), 1e-12);
    }

    public function test_what_lies_below_is_a_sum_of_poisson_chances(): void
    {
        foreach ([1, 2, 5, 17, 60] as $shape) {
            foreach ([0.01, 0.5, 1.0, 3.0, 16.0, 80.0] as $at) {
                $term = $sum = exp(-$at);
                for ($n = 1; $n < $shape; $n++) {
                    $term *= $at / $n;
                    $sum += $term;
                }
                self::assertEqualsWithDelta(1.0 - $sum, Gamma::below((float) $shape, $at), 1e-11, "{$shape} at {$at}");
            }
        }
        self::assertEqualsWithDelta(0.6826894921, Gamma::below(0.5, 0.5), 1e-9, 'a normal within one deviation');
        self::assertSame(0.0, Gamma::below(2.0, 0.0));
    }

    public function test_a_quantile_has_its_share_below_it(): void
    {
        foreach ([0.05, 0.3, 1.0, 2.7, 40.0, 900.0] as $shape) {
            foreach ([0.02, 0.1, 0.5, 0.9, 0.98] as $share) {
                self::assertEqualsWithDelta($share, Gamma::below($shape, Gamma::quantile($shape, $share)), 1e-8, "{$shape}");
            }
        }
        self::assertEqualsWithDelta(-log(0.1), Gamma::quantile(1.0, 0.9), 1e-9);
    }
}
