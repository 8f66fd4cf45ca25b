<?php

declare(strict_types=1);

namespace Tests\Support;

/** Chance that a seed repeats, by a linear congruence (Knuth 1998, The Art of Computer Programming 2, 3.3.4). */
final class Chance
{
    public function __construct(private int $seed)
    {
    }

    /** A number under a bound. */
    public function below(int $bound): int
    {
        $this->seed = ($this->seed * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

        return intdiv($this->seed, 8) % $bound;
    }
}
