<?php

declare(strict_types=1);

namespace Admek\Core\Day\Changes;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** Bites that came on one side of turns, and what their lures went through there. */
final class InTurns
{
    /** @param  RuleBook  $rules  of {@see ChangeRules} */
    public static function told(Facts $facts, RuleBook $rules, bool $inside): ?Change
    {
        $turning = array_filter($facts->bites, static fn (Bitten $bite): bool => $bite->turn !== null && $bite->side !== null);
        $told = array_filter($turning, static fn (Bitten $bite): bool => ($bite->side === $bite->turn) === $inside);
        [$many, $few] = [count($told), count($turning) - count($told)];
        if ($many < $rules->get('turn_bites') || $many < $rules->get('turn_share') * $few) {
            return null;
        }
        $reason = Sentence::of('{many} of {all} bites in turns came on the '.(
            $inside ? 'inside, where lures slow and sink.' : 'outside, where lures speed up and rise.'
        ), ['many' => $many, 'all' => count($turning)]);
        $through = array_values(array_filter(array_map(static fn (Bitten $bite): ?array => $bite->through, $told)));

        return new Change(
            $inside ? 'turns-inside' : 'turns-outside',
            Sentence::of($inside ? 'Slow down, or fish deeper.' : 'Speed up, or fish shallower.'),
            $through === [] ? $reason : Sentence::all([$reason, self::through($through)]),
        );
    }

    /** @param  non-empty-list<array{float, float, float, float}>  $bites  m and m/s, from and to */
    private static function through(array $bites): Sentence
    {
        return Sentence::of('They were taken between {top#} and {bottom}, at {slowest#} to {fastest} through the water.', [
            'top' => [Quantity::Depth, min(array_column($bites, 0))], 'bottom' => [Quantity::Depth, max(array_column($bites, 1))],
            'slowest' => [Quantity::Speed, min(array_column($bites, 2))],
            'fastest' => [Quantity::Speed, max(array_column($bites, 3))],
        ]);
    }
}
