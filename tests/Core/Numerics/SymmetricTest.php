<?php

declare(strict_types=1);

namespace Tests\Core\Numerics;

use Admek\Core\Numerics\Symmetric;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RuntimeException;

final class SymmetricTest extends TestCase
{
    private const MATRIX = [[4.0, 2.0, 0.4], [2.0, 3.0, 0.5], [0.4, 0.5, 1.0]];

    public function test_a_matrix_is_solved_and_inverted(): void
    {
        $lower = Symmetric::cholesky(self::MATRIX);
        // 4 − 1 = 3 under the root, and so on by hand.
        self::assertEqualsWithDelta([[2.0], [1.0, sqrt(2.0)], [0.2, 0.3 / sqrt(2.0), sqrt(0.96 - 0.045)]], $lower, 1e-12);
        self::assertEqualsWithDelta([1.0, -2.0, 3.0], Symmetric::solve($lower, [1.2, -2.5, 2.4]), 1e-9);
        $inverse = Symmetric::inverse($lower);
        $diagonal = array_map(static fn (int $i): float => $inverse[$i][$i], [0, 1, 2]);
        self::assertEqualsWithDelta($diagonal, Symmetric::inverseDiagonal($lower), 1e-12);
        foreach (self::MATRIX as $i => $row) {
            foreach (array_keys($row) as $j) {
                $sum = array_sum(array_map(static fn (int $k): float => $row[$k] * $inverse[$k][$j], array_keys($row)));
                self::assertEqualsWithDelta($i === $j ? 1.0 : 0.0, $sum, 1e-12);
            }
        }
    }

    public function test_what_is_not_positive_definite_is_refused(): void
    {
        $this->expectException(RuntimeException::class);
        Symmetric::cholesky([[1.0, 2.0], [2.0, 1.0]]);
    }

    public function test_its_axes_are_at_right_angles_and_make_it_up(): void
    {
        self::assertEqualsWithDelta([1.0, 3.0], self::values([[2.0, 1.0], [1.0, 2.0]]), 1e-12);
        $random = new Randomizer(new Mt19937(7));
        $matrix = [];
        for ($i = 0; $i < 8; $i++) {
            for ($j = 0; $j <= $i; $j++) {
                $matrix[$i][$j] = $matrix[$j][$i] = $random->getInt(-1000, 1000) / 1000;
            }
        }
        array_walk($matrix, static function (array &$row): void {
            ksort($row);
        });
        $pairs = Symmetric::eigen(array_values($matrix));
        foreach ($pairs as $a => [, $one]) {
            foreach ($pairs as $b => [, $other]) {
                $product = array_sum(array_map(static fn (float $x, float $y): float => $x * $y, $one, $other));
                self::assertEqualsWithDelta($a === $b ? 1.0 : 0.0, $product, 1e-10);
            }
        }
        for ($i = 0; $i < 8; $i++) {
            for ($j = 0; $j < 8; $j++) {
                $made = array_sum(array_map(static fn (array $pair): float => $pair[0] * $pair[1][$i] * $pair[1][$j], $pairs));
                self::assertEqualsWithDelta($matrix[$i][$j], $made, 1e-10);
            }
        }
    }

    /**
     * @param  list<list<float>>  $matrix
     * @return list<float>
     */
    private static function values(array $matrix): array
    {
        $values = array_column(Symmetric::eigen($matrix), 0);
        sort($values);

        return $values;
    }
}
