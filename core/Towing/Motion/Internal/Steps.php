<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion\Internal;

use Admek\Core\Towing\Motion\CannotMove;
use Admek\Core\Towing\Motion\Course;
use Admek\Core\Towing\Motion\MovingWater;
use Generator;

/**
 * Follows a network in time by backward differences of second order with steps of their own length (Hairer and Wanner 1996,
 * Solving Ordinary Differential Equations II, III.5); of first order where there is no past to lean on: at the start, and where
 * a step did not come out.
 */
final class Steps
{
    /** m a node may lie wrong after one step, by what the step before foretold. */
    private const WRONG = 0.01;

    /** m: a guess that moves no node further is an answer. */
    private const FOUND = 2e-5;

    /** Guesses at a step before a shorter one is tried. */
    private const GUESSES = 12;

    /** m a node is moved at most by one guess. */
    private const LEAP = 2.0;

    /** s of the first step, the longest and the shortest. */
    private const FIRST = 0.05;

    private const LONGEST = 4.0;

    private const SHORTEST = 1e-6;

    private const GROWTH = 1.8;

    private int $guesses = 0;

    public function __construct(
        private readonly Network $network,
        private readonly Balance $balance,
        private readonly MovingWater $water,
        private readonly Course $course,
        private readonly float $fineness,
        private readonly int $budget,
    ) {
    }

    /**
     * Every state that is come to, the first that of the start.
     *
     * @return Generator<int, State>
     *
     * @throws CannotMove when the budget of guesses is spent
     */
    public function from(State $start): Generator
    {
        $this->balance->pull = $start->pull;
        yield $start;
        [$now, $before] = [$start, null];
        $bent = array_fill(0, count($start->places), 0.0);
        $step = self::FIRST;
        while (true) {
            if ($this->guesses > $this->budget) {
                throw CannotMove::beyond($now->time, $this->budget);
            }
            $knot = $this->course->nextKnot($now->time) - $now->time;
            $h = $step >= $knot ? $knot : ($step > 0.6 * $knot ? 0.5 * $knot : $step);
            $next = null;
            $off = 0.0;
            $foretold = [];
            foreach ($now->places as $i => $place) {
                $foretold[] = $place + $h * $now->speeds[$i] + 0.5 * $h * $h * $bent[$i];
            }
            $tried = $this->attempt($now, $before, $h, $foretold);
            if ($tried !== null) {
                foreach ($tried->places as $i => $place) {
                    $miss = abs($place - $foretold[$i]);
                    $off = $miss > $off ? $miss : $off;
                }
                $off *= 0.4;
                if ($off <= self::WRONG / $this->fineness || $h <= self::SHORTEST) {
                    $next = $tried;
                }
            }
            if ($next === null) {
                if ($h <= self::SHORTEST) {
                    throw CannotMove::beyond($now->time, $this->budget);
                }
                $this->balance->pull = $now->pull;
                if ($tried === null) {
                    $before = null;
                }
                $step = $h * ($tried === null ? 0.25 : $this->factor($off));

                continue;
            }
            $bent = [];
            foreach ($next->speeds as $i => $speed) {
                $bent[] = ($speed - $now->speeds[$i]) / $h;
            }
            // One that was cut short to end on a knot says nothing against the longer one it was to be.
            $step = min(self::LONGEST, $h < $step ? max($step, $h * $this->factor($off)) : $h * $this->factor($off));
            [$before, $now] = [$now, $next];
            yield $now;
        }
    }

    /** How much longer or shorter the next step is to be, after one that was off by so much (m). */
    private function factor(float $off): float
    {
        $by = $off > 0.0 ? 0.85 * (self::WRONG / $this->fineness / $off) ** (1 / 3) : self::GROWTH;

        return max(0.2, min(self::GROWTH, $by));
    }

    /**
     * The state a step further on, or none where no balance is found.
     *
     * @param  array<int, float>  $foretold  m, where the nodes are looked for first
     */
    private function attempt(State $now, ?State $before, float $h, array $foretold): ?State
    {
        [$rate, $one, $two] = [1.0 / $h, -1.0 / $h, 0.0];
        if ($before !== null) {
            $ratio = $h / ($now->time - $before->time);
            $rate = (1.0 + 2.0 * $ratio) / ($h * (1.0 + $ratio));
            $one = -(1.0 + $ratio) / $h;
            $two = $ratio * $ratio / ($h * (1.0 + $ratio));
        }
        $past = $before ?? $now;
        $hv = $ha = [];
        foreach ($now->places as $i => $place) {
            $hv[] = $one * $place + $two * $past->places[$i];
            $ha[] = $one * $now->speeds[$i] + $two * $past->speeds[$i];
        }
        $time = $now->time + $h;
        $boat = $this->boat($time);
        $p = $foretold;
        for ($guess = 0; $guess < self::GUESSES; $guess++) {
            $this->guesses++;
            $slack = array_map(static fn (float $pull): bool => $pull > 0.0, $this->balance->pull);
            $moves = $this->balance->moves($p, $hv, $ha, $rate, $boat);
            $far = TreeSystem::farthest($moves);
            if (! is_finite($far)) {
                return null;
            }
            $share = $far > self::LEAP ? self::LEAP / $far : 1.0;
            foreach ($moves as $i => $move) {
                $p[$i] += $share * $move;
            }
            if ($far < self::FOUND && $slack === array_map(static fn (float $pull): bool => $pull > 0.0, $this->balance->pull)) {
                $speeds = [];
                foreach ($p as $i => $place) {
                    $speeds[] = $rate * $place + $hv[$i];
                }

                return new State($time, $p, $speeds, $this->balance->pull);
            }
        }

        return null;
    }

    /** @return array{float, float, float, float, float} of the tow point: m north, east, down, and m/s north, east */
    private function boat(float $time): array
    {
        return FromTheBoat::at($this->course, $this->water, $time)->point($this->network->line->towPoint);
    }
}
