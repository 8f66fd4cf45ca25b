<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use Admek\Core\Towing\Internal\SteadyTow;

/** Where a line runs in steady tow, on a straight course or in a steady turn. */
final readonly class TowSolver
{
    private const SETTLED = 1e-5;

    private const MOST_ROUNDS = 200;

    /** @param  float  $fineness 1 for the working step, 2 for half of it, and so on */
    public function __construct(private float $fineness = 1.0)
    {
    }

    /** @throws CannotTow when the chain has no steady shape */
    public function solve(Water $water, ?Turn $turn, TowLine $line): TowSolution
    {
        $factor = $turn === null ? 1.0 : $this->settleTurn($water, $turn, $line);
        $tow = new SteadyTow($factor === 1.0 ? $water : $water->flowing($water->flow->scaled($factor)), $line, fineness: $this->fineness);
        $tow->solve(recording: true);

        return $tow->solution($factor);
    }

    /**
     * Every load along a line from its free end up: why it runs where it runs.
     *
     * @return list<Load>
     *
     * @throws CannotTow when the chain has no steady shape
     */
    public function loads(Water $water, ?Turn $turn, TowLine $line): array
    {
        $factor = $turn === null ? 1.0 : $this->settleTurn($water, $turn, $line);

        return (new SteadyTow($water->flowing($water->flow->scaled($factor)), $line, fineness: $this->fineness))->loads();
    }

    /**
     * The share of the boat's speed at which lure place and speed agree (02 §7): fixed point, hastened by the secant
     * of the last two rounds, halved where a line that sinks in as it slows would make it overshoot.
     */
    private function settleTurn(Water $water, Turn $turn, TowLine $line): float
    {
        $factor = 1.0;
        $tow = $lastFactor = $lastMiss = null;
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $tow = new SteadyTow($water->flowing($water->flow->scaled($factor)), $line, fineness: $this->fineness, startLike: $tow);
            $tow->solve();
            [$aft, $starboard] = self::lurePlace($tow->bodies(), $line);
            $next = $turn->speedFactor($aft, $starboard);
            $miss = $next - $factor;
            if (abs($miss) < self::SETTLED) {
                return $next;
            }
            if ($lastFactor !== null && abs($miss) < abs($lastMiss) && $miss !== $lastMiss) {
                $secant = $factor - $miss * ($factor - $lastFactor) / ($miss - $lastMiss);
                $next = $secant > 0.0 && abs($secant - $factor) < 4 * abs($miss) ? $secant : $next;
            } elseif ($lastFactor !== null) {
                $next = 0.5 * ($factor + $next);
            }
            [$lastFactor, $lastMiss] = [$factor, $miss];
            $factor = $next;
        }

        return $factor;
    }

    /**
     * The lure's place; where none is named so, the aftmost body's.
     *
     * @param  array<string, array{float, float, float}>  $bodies
     * @return array{float, float}
     */
    private static function lurePlace(array $bodies, TowLine $line): array
    {
        $place = $bodies['lure'] ?? null;
        if ($place === null) {
            foreach ($bodies as $body) {
                $place = $place === null || $body[0] > $place[0] ? $body : $place;
            }
        }

        return $place === null ? [$line->towPoint[0], $line->towPoint[1]] : [$place[0], $place[1]];
    }
}
