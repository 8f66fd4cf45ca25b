<?php

declare(strict_types=1);

namespace Admek\Core\Drills;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is made up of a situation, by its seed. */
final readonly class Chance
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** A figure between two, in whole steps. */
    public function step(float $from, float $to, float $step): float
    {
        return $from + $step * $this->random->getInt(0, (int) round(($to - $from) / $step));
    }

    public function one(int $of): bool
    {
        return $this->random->getInt(1, $of) === 1;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function pick(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return list<T> so many of them, in an order of their own
     */
    public function some(array $of, int $many): array
    {
        return array_slice($this->random->shuffleArray($of), 0, $many);
    }
}
