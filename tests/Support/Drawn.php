<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Figures drawn at random, the same for a seed. */
final readonly class Drawn
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** Between 0 and 1, of even likelihood. */
    public function even(): float
    {
        return $this->random->getInt(1, 1_000_000_000) / 1e9;
    }

    /** Of mean 0 and deviation 1 (Box & Muller 1958, Ann. Math. Stat. 29, 610). */
    public function normal(): float
    {
        return sqrt(-2.0 * log($this->even())) * cos(2.0 * M_PI * $this->even());
    }
}
