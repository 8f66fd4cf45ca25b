<?php

declare(strict_types=1);

namespace Tests\Core\Ground;

use Admek\Core\Ground\BottomGrid;
use Admek\Core\Ground\Contours;
use Admek\Core\InvalidValue;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;

final class ContoursTest extends TestCase
{
    public function test_an_even_slope_is_drawn_in_straight_lines_a_round_depth_apart(): void
    {
        $slope = $this->grid(20, static fn (int $i, int $j): float => 1.5 * $j);
        $lines = (new Contours($slope, Units::Metric))->lines();

        self::assertSame([0.0, 3.0, 6.0, 9.0], array_slice(array_column($lines, 'depth'), 0, 4));
        foreach (array_slice($lines, 1) as ['depth' => $depth, 'lines' => $drawn]) {
            self::assertCount(1, $drawn);
            foreach ($drawn[0] as [, $longitude]) {
                self::assertEqualsWithDelta(-38.0 + 0.01 * $depth / 1.5, $longitude, 1e-5);
            }
        }
        self::assertEqualsWithDelta(10 * 0.3048, (new Contours($slope, Units::Us))->lines()[1]['depth'], 1e-12);
    }

    public function test_what_could_not_be_drawn_is_refused_before_a_line_of_it_is_made_and_nothing_else_is(): void
    {
        mt_srand(5);
        foreach ([0.0, 0.3, 1.0, 3.0] as $roughness) {
            $grid = $this->grid(60, static fn (int $i, int $j): float => max(
                0.0, 40.0 + 25.0 * sin($i / 9) * cos($j / 7) + $roughness * mt_rand(-10, 10),
            ));
            $contours = new Contours($grid, Units::Metric);
            $places = array_sum(array_map(
                static fn (array $line): int => array_sum(array_map(count(...), $line['lines'])), $contours->lines(),
            ));
            $told = $this->told($contours);
            self::assertSame($places > Contours::MOST_PLACES, $told !== null, "{$places} places");
        }
        $noise = new Contours($this->grid(120, static fn (): float => mt_rand(0, 300)), Units::Us);
        self::assertGreaterThan(Contours::MOST_PLACES, $this->told($noise));
    }

    private function told(Contours $contours): ?int
    {
        try {
            $contours->mustBeDrawable();

            return null;
        } catch (InvalidValue $refused) {
            self::assertSame('rows', $refused->field);

            return (int) preg_replace('/\D*(\d+) places.*/', '$1', $refused->allowed);
        }
    }

    /** @param  callable(int, int): float  $depth */
    private function grid(int $size, callable $depth): BottomGrid
    {
        $rows = [];
        for ($i = 0; $i < $size; $i++) {
            $rows[] = array_map(static fn (int $j): float => $depth($i, $j), range(0, $size - 1));
        }

        return BottomGrid::of(45.0, -38.0, 0.01, $rows);
    }
}
