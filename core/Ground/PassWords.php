<?php

declare(strict_types=1);

namespace Admek\Core\Ground;

use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** What is to be said of a pass. */
final class PassWords
{
    /**
     * All its turns in a line: how many, of the tightest how tight, and whether the spread is safe in them.
     *
     * @param  list<array{along: float, angle: float, side: string, radius: float}>  $turns  m
     * @param  ?array{port: ?float, starboard: ?float}  $safe  m the spread is safe to; null with none planned
     */
    public static function turns(array $turns, ?array $safe): ?Sentence
    {
        if ($turns === []) {
            return null;
        }
        $tightest = $turns[0];
        $unsafe = 0;
        foreach ($turns as $turn) {
            $tightest = $turn['radius'] < $tightest['radius'] ? $turn : $tightest;
            $unsafe += self::isSafe($turn, $safe) === false ? 1 : 0;
        }
        $limit = $safe[$tightest['side']] ?? null;

        return Sentence::of(
            (count($turns) === 1 ? 'One turn' : '{count} turns').', the tightest {radius} to {side}: '.match (true) {
                $safe === null => 'no spread is planned to hold it against.',
                $unsafe === 0 => 'the spread is safe in it.',
                default => ($unsafe === 1 ? 'one is' : '{unsafe} are').' tighter than the spread is safe to'
                    .($limit === null ? '.' : ', {limit}.'),
            },
            [
                'count' => count($turns), 'unsafe' => $unsafe, 'side' => $tightest['side'],
                'radius' => [Quantity::Length, $tightest['radius']], 'limit' => [Quantity::Length, $limit ?? 0.0],
            ],
        );
    }

    /**
     * @param  array{along: float, angle: float, side: string, radius: float}  $turn
     * @param  ?array{port: ?float, starboard: ?float}  $safe
     * @return ?bool null with no spread planned
     */
    public static function isSafe(array $turn, ?array $safe): ?bool
    {
        $limit = $safe[$turn['side']] ?? null;

        return $safe === null ? null : $limit !== null && $turn['radius'] >= $limit;
    }

    public static function lift(Pass $pass): ?Sentence
    {
        return $pass->shouldLift() ? Sentence::of('Too little made good: lift and run back instead.') : null;
    }
}
