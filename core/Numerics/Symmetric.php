<?php

declare(strict_types=1);

namespace Admek\Core\Numerics;

use RuntimeException;

/** Symmetric, positive definite matrices, as rows from 0 (Golub & Van Loan 1996, Matrix Computations, 4.2 and 8.4). */
final class Symmetric
{
    private const MOST_SWEEPS = 30;

    /**
     * @param  array<int, array<int, float>>  $matrix
     * @return array<int, array<int, float>> lower, whose product with its transpose the matrix is
     */
    public static function cholesky(array $matrix): array
    {
        $lower = [];
        foreach ($matrix as $i => $row) {
            $lower[$i] = [];
            for ($j = 0; $j <= $i; $j++) {
                $sum = $row[$j];
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $lower[$i][$k] * $lower[$j][$k];
                }
                if ($i === $j) {
                    $lower[$i][$j] = $sum > 0.0 ? sqrt($sum) : throw new RuntimeException('The matrix is not positive definite.');
                } else {
                    $lower[$i][$j] = $sum / $lower[$j][$j];
                }
            }
        }

        return $lower;
    }

    /**
     * @param  array<int, array<int, float>>  $lower  as {@see cholesky()} gives it
     * @param  array<int, float>  $right
     * @return array<int, float>
     */
    public static function solve(array $lower, array $right): array
    {
        $n = count($lower);
        for ($i = 0; $i < $n; $i++) {
            for ($k = 0; $k < $i; $k++) {
                $right[$i] -= $lower[$i][$k] * $right[$k];
            }
            $right[$i] /= $lower[$i][$i];
        }
        for ($i = $n - 1; $i >= 0; $i--) {
            for ($k = $i + 1; $k < $n; $k++) {
                $right[$i] -= $lower[$k][$i] * $right[$k];
            }
            $right[$i] /= $lower[$i][$i];
        }

        return $right;
    }

    /**
     * @param  array<int, array<int, float>>  $lower
     * @return array<int, array<int, float>> of the matrix it is of
     */
    public static function inverse(array $lower): array
    {
        $rows = [];
        foreach ($lower as $i => $_) {
            $rows[] = self::solve($lower, self::unit(count($lower), $i));
        }

        return $rows;
    }

    /**
     * The diagonal of what {@see inverse()} gives, sooner: sums of squares down the columns of the factor's inverse.
     *
     * @param  array<int, array<int, float>>  $lower
     * @return array<int, float>
     */
    public static function inverseDiagonal(array $lower): array
    {
        $n = count($lower);
        $diagonal = [];
        for ($j = 0; $j < $n; $j++) {
            $column = [$j => 1.0 / $lower[$j][$j]];
            $sum = $column[$j] * $column[$j];
            for ($i = $j + 1; $i < $n; $i++) {
                $row = $lower[$i];
                $dot = 0.0;
                for ($k = $j; $k < $i; $k++) {
                    $dot += $row[$k] * $column[$k];
                }
                $column[$i] = -$dot / $row[$i];
                $sum += $column[$i] * $column[$i];
            }
            $diagonal[$j] = $sum;
        }

        return $diagonal;
    }

    /**
     * By Jacobi's rotations.
     *
     * @param  array<int, array<int, float>>  $matrix
     * @return list<array{float, array<int, float>}> each value with its vector, of length one
     */
    public static function eigen(array $matrix): array
    {
        $n = count($matrix);
        $vectors = [];
        for ($i = 0; $i < $n; $i++) {
            $vectors[] = self::unit($n, $i);
        }
        for ($sweep = 0; $sweep < self::MOST_SWEEPS; $sweep++) {
            $off = 0.0;
            for ($p = 0; $p < $n; $p++) {
                for ($q = $p + 1; $q < $n; $q++) {
                    $off += $matrix[$p][$q] ** 2;
                }
            }
            if ($off < 1e-24) {
                break;
            }
            for ($p = 0; $p < $n; $p++) {
                for ($q = $p + 1; $q < $n; $q++) {
                    if ($matrix[$p][$q] === 0.0) {
                        continue;
                    }
                    $tau = ($matrix[$q][$q] - $matrix[$p][$p]) / (2.0 * $matrix[$p][$q]);
                    $t = ($tau < 0.0 ? -1.0 : 1.0) / (abs($tau) + sqrt(1.0 + $tau * $tau));
                    $c = 1.0 / sqrt(1.0 + $t * $t);
                    $s = $t * $c;
                    for ($k = 0; $k < $n; $k++) {
                        [$kp, $kq] = [$matrix[$k][$p], $matrix[$k][$q]];
                        [$matrix[$k][$p], $matrix[$k][$q]] = [$c * $kp - $s * $kq, $s * $kp + $c * $kq];
                    }
                    for ($k = 0; $k < $n; $k++) {
                        [$pk, $qk] = [$matrix[$p][$k], $matrix[$q][$k]];
                        [$matrix[$p][$k], $matrix[$q][$k]] = [$c * $pk - $s * $qk, $s * $pk + $c * $qk];
                        [$vp, $vq] = [$vectors[$k][$p], $vectors[$k][$q]];
                        [$vectors[$k][$p], $vectors[$k][$q]] = [$c * $vp - $s * $vq, $s * $vp + $c * $vq];
                    }
                }
            }
        }
        $pairs = [];
        for ($i = 0; $i < $n; $i++) {
            $pairs[] = [$matrix[$i][$i], array_map(static fn (array $row): float => $row[$i], $vectors)];
        }

        return $pairs;
    }

    /** @return array<int, float> */
    private static function unit(int $n, int $place): array
    {
        return array_map(static fn (int $i): float => $i === $place ? 1.0 : 0.0, range(0, $n - 1));
    }
}
