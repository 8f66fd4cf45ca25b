<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion\Internal;

use Admek\Core\Towing\BoardLoad;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\Motion\CannotMove;
use Admek\Core\Towing\Motion\Course;
use Admek\Core\Towing\Motion\MovingWater;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolution;
use Admek\Core\Towing\TowSolver;

/** Where a network lies before its manoeuvre begins: laid along the steady answer, then settled as the masses and links it is. */
final readonly class Start
{
    /** s of a first step, of first order; so many times longer each next; at last so long that nothing is left of any motion. */
    private const STEP = 1.0;

    private const LONGER = 4.0;

    private const ENDLESS = 1e6;

    private const STEPS = 100;

    private const GUESSES = 60;

    /** m: a guess that moves no node further is an answer… */
    private const FOUND = 1e-6;

    /** …and one that at last still moves one by this is none. */
    private const ASTRAY = 0.002;

    /** m/s: a chain no node of which moves faster is at rest. */
    private const RESTS = 1e-4;

    private const LEAP = 1.0;

    /** @throws CannotMove when nothing is steady there */
    public static function of(Network $network, MovingWater $water, Course $course): State
    {
        [$speed, $heading] = $course->at(0.0);
        $frame = FromTheBoat::at($course, $water, 0.0);
        $boat = $frame->point($network->line->towPoint);
        try {
            $flow = $water->past($speed, $heading);
            $steady = (new TowSolver)->solve($flow, null, $network->line);
            $places = self::laid($network, $steady, $frame, $flow);
        } catch (CannotTow $cannot) {
            throw CannotMove::fromTheStart($cannot->getMessage());
        }

        // Seen from the boat nothing moves: the water streams past.
        $balance = new Balance($network, $water->seenFrom($boat[3], $boat[4]));
        $balance->pull = array_fill(0, $network->count, max($steady->towTension, 0.1));
        $places = self::settled($balance, $places, [$boat[0], $boat[1], $boat[2], 0.0, 0.0]);
        $speeds = [];
        for ($i = 0; $i < $network->count; $i++) {
            array_push($speeds, $boat[3], $boat[4], 0.0);
        }

        return new State(0.0, $places, $speeds, $balance->pull);
    }

    /**
     * Steps grow while each finds its answer. Where line comes and goes through the surface a long one may find none: then no
     * longer ones are taken, and it is at rest once it no longer moves.
     *
     * @param  array<int, float>  $places
     * @param  array{float, float, float, float, float}  $boat
     * @return array<int, float> where they come to rest
     *
     * @throws CannotMove when they do not
     */
    private static function settled(Balance $balance, array $places, array $boat): array
    {
        [$step, $longer] = [self::STEP, self::LONGER];
        for ($try = 0; $try < self::STEPS; $try++) {
            $pull = $balance->pull;
            [$next, $far] = self::step($balance, $places, 1.0 / $step, $boat);
            if (! ($far < self::ASTRAY)) {
                [$balance->pull, $longer] = [$pull, 1.0];
                $step /= self::LONGER;

                continue;
            }
            $moved = TreeSystem::farthest(array_map(static fn (float $a, float $b): float => $a - $b, $next, $places));
            $places = $next;
            if ($step >= self::ENDLESS || ($longer === 1.0 && $moved < self::RESTS * $step)) {
                return $places;
            }
            $step = min(self::ENDLESS, $longer * $step);
        }

        throw CannotMove::fromTheStart(CannotTow::noBalance()->getMessage());
    }

    /**
     * @param  array<int, float>  $places
     * @param  array{float, float, float, float, float}  $boat
     * @return array{array<int, float>, float} where they are, and how far the last guess still moved one, m
     */
    private static function step(Balance $balance, array $places, float $rate, array $boat): array
    {
        $hv = array_map(static fn (float $place): float => -$rate * $place, $places);
        $ha = array_fill(0, count($places), 0.0);
        $far = INF;
        for ($guess = 0; $guess < self::GUESSES && $far >= self::FOUND; $guess++) {
            $moves = $balance->moves($places, $hv, $ha, $rate, $boat);
            $far = TreeSystem::farthest($moves);
            if (! is_finite($far)) {
                break;
            }
            $share = $far > self::LEAP ? self::LEAP / $far : 1.0;
            foreach ($moves as $i => $move) {
                $places[$i] += $share * $move;
            }
        }

        return [$places, $far];
    }

    /**
     * @return array<int, float> m north, east, down of each node along the steady answer
     *
     * @throws CannotTow
     */
    private static function laid(Network $network, TowSolution $steady, FromTheBoat $frame, Water $water): array
    {
        $points = [];
        $path = $steady->path;
        if ($steady->board !== null) {
            $points[0] = [$steady->board[0], $steady->board[1], 0.0];
            $path = $network->isClipped ? $path : array_slice($path, 0, -1);
        }
        $points += self::along($network, $network->main, $path);
        foreach ($network->branches as $i => $nodes) {
            $points += self::along($network, $nodes, $steady->branchPaths[$i] ?? []);
        }
        foreach ($network->line->board->others ?? [] as $i => $other) {
            $points += self::along($network, $network->others[$i], self::towed($network, $other, $steady, $water));
        }
        $places = [];
        for ($i = 0; $i < $network->count; $i++) {
            $points[$i] ??= self::behind($network, $i, $points);
            [$n, $e, $d] = $frame->point($points[$i]);
            array_push($places, $n, $e, $d);
        }

        return $places;
    }

    /**
     * Another line's chain as it is towed from where it is clipped to a mast board's tow line.
     *
     * @return list<array{float, float, float}> m, from its free end up
     *
     * @throws CannotTow
     */
    private static function towed(Network $network, BoardLoad $other, TowSolution $steady, Water $water): array
    {
        [$line, $board] = [$network->line, $steady->board];
        if ($line->board === null || $board === null) {
            return [];
        }
        $arm = $other->clipOut / $line->board->lineOut;
        [$x, $y] = $line->towPoint;
        $clip = [$x + $arm * ($board[0] - $x), $y + $arm * ($board[1] - $y), 0.0];

        return (new TowSolver)->solve($water, null, new TowLine('other', $clip, $other->chain))->path;
    }

    /**
     * @param  list<int>  $nodes  from the free end up
     * @param  list<array{float, float, float}>  $curve  m, from the free end up
     * @return array<int, array{float, float, float}> m, by node
     */
    private static function along(Network $network, array $nodes, array $curve): array
    {
        $points = [];
        if ($curve === []) {
            return $points;
        }
        [$at, $reached, $wanted] = [0, 0.0, 0.0];
        foreach ($nodes as $node) {
            while (isset($curve[$at + 1]) && $reached + ($piece = self::distance($curve[$at], $curve[$at + 1])) < $wanted) {
                $reached += $piece;
                $at++;
            }
            [$from, $to] = [$curve[$at], $curve[$at + 1] ?? $curve[$at]];
            $piece = self::distance($from, $to);
            $part = $piece > 0.0 ? min(1.0, ($wanted - $reached) / $piece) : 0.0;
            $points[$node] = [
                $from[0] + $part * ($to[0] - $from[0]), $from[1] + $part * ($to[1] - $from[1]),
                $from[2] + $part * ($to[2] - $from[2]),
            ];
            $wanted += $network->length[$node];
        }

        return $points;
    }

    /**
     * What no curve is told of, as a branch of what others have clipped on, is let down behind what it hangs on.
     *
     * @param  array<int, array{float, float, float}>  $points
     * @return array{float, float, float} m
     */
    private static function behind(Network $network, int $node, array $points): array
    {
        $tow = $network->line->towPoint;
        $hold = $points[$network->parent[$node]] ?? $tow;
        if ($network->arm[$node] !== 1.0) {
            $arm = $network->arm[$node];
            $hold = [$tow[0] + $arm * ($hold[0] - $tow[0]), $tow[1] + $arm * ($hold[1] - $tow[1]), 0.0];
        }
        $away = $network->length[$node] * M_SQRT1_2;

        return [$hold[0] + $away, $hold[1], $hold[2] + $away];
    }

    /**
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     */
    private static function distance(array $a, array $b): float
    {
        return sqrt(($a[0] - $b[0]) ** 2 + ($a[1] - $b[1]) ** 2 + ($a[2] - $b[2]) ** 2);
    }
}
