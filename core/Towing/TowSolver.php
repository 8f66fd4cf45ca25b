<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use Admek\Core\Towing\Internal\SteadyTow;

/** Where a line runs in steady tow, on a straight course or in a steady turn. */
final readonly class TowSolver
{
    private const SETTLED = 1e-6;

    private const MOST_ROUNDS = 200;

    /** @param float $fineness 1 for the working step, 2 for half of it, and so on */
    public function __construct(private float $fineness = 1.0) {}

    /** @throws CannotTow when the chain has no steady shape */
    public function solve(Water $water, ?Turn $turn, TowLine $line): TowSolution
    {
        $factor = $turn === null ? 1.0 : $this->settleTurn($water, $turn, $line);
        $tow = new SteadyTow($factor === 1.0 ? $water : $water->flowing($water->flow->scaled($factor)), $line, fineness: $this->fineness);
        $tow->solve(recording: true);

        return $tow->solution($factor);
    }

    /** The share of the boat's speed at which lure place and speed agree (02 §7), by damped fixed point. */
    private function settleTurn(Water $water, Turn $turn, TowLine $line): float
    {
        $factor = 1.0;
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $tow = new SteadyTow($water->flowing($water->flow->scaled($factor)), $line, fineness: $this->fineness);
            $tow->solve();
            [$aft, $starboard] = self::lurePlace($tow->bodies(), $line);
            $next = $turn->speedFactor($aft, $starboard);
            if (abs($next - $factor) < self::SETTLED) {
                return $next;
            }
            // A line that sinks in as it slows can overshoot; after a while half steps settle it.
            $factor = $round < 20 ? $next : 0.5 * ($factor + $next);
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
