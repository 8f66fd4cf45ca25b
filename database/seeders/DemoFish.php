<?php

declare(strict_types=1);

namespace Database\Seeders;

use Admek\Core\Fish\GirthWeight;
use Admek\Core\Fish\Species;
use Random\Randomizer;

/**
 * Fish of the demo sea: as long as their kind grows there, as thick as such a fish is, give or take, and weighing what
 * that does.
 */
final readonly class DemoFish
{
    /** By species: m they are long, and how thick they are round for it. */
    private const GROWN = ['king' => [0.56, 0.94, 0.56], 'lake_trout' => [0.5, 0.86, 0.53], 'coho' => [0.48, 0.74, 0.55]];

    private const COMMON = ['king', 'king', 'king', 'lake_trout', 'lake_trout', 'coho'];

    /** Of its girth, a standard deviation. */
    private const THICK = 0.05;

    public function __construct(private Randomizer $chance)
    {
    }

    /** @return array{species: string, length: float, weight: float} */
    public function next(): array
    {
        $species = self::COMMON[$this->chance->getInt(0, count(self::COMMON) - 1)];
        [$least, $most, $round] = self::GROWN[$species];
        $length = $least + ($most - $least) * $this->chance->getInt(0, 1000) / 1000;
        $girth = $length * $round * (1.0 + self::THICK * $this->scatter());
        $weight = GirthWeight::of(Species::from($species), $length, $girth)->weight;

        return [
            'species' => $species, 'length' => round($length, 2),
            'weight' => round($weight * (1.0 + GirthWeight::ERROR * $this->scatter()), 2),
        ];
    }

    /** Of mean 0 and deviation 1, near enough as a bell: a sum of chances. */
    private function scatter(): float
    {
        return array_sum(array_map(fn (): float => $this->chance->getInt(0, 1000) / 1000, range(1, 12))) - 6.0;
    }
}
