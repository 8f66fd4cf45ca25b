<?php

declare(strict_types=1);

namespace Admek\Core\Day;

use Admek\Core\InvalidValue;
use Admek\Core\Rules\RuleBook;

/** When each line is to be looked at next: none later than its time, and no two at once. */
final class Checks
{
    /**
     * Of the lines that fish, by the captain's own time.
     *
     * @param  RuleBook  $rules  of {@see DayRules}
     * @return array<array-key, float> when each is due, by its holder, s since 1970 UTC, soonest first
     */
    public static function of(Day $day, RuleBook $rules): array
    {
        return self::due($day->seen(), 60.0 * $rules->get('check_every'));
    }

    /**
     * Counted back from the last one due, each as much before the next as a round shared among them all leaves.
     *
     * @param  array<array-key, float>  $seen  when each was last seen, by holder, s since 1970 UTC
     * @param  float  $every  s
     * @return array<array-key, float> when each is due, soonest first
     *
     * @throws InvalidValue naming every
     */
    public static function due(array $seen, float $every): array
    {
        InvalidValue::unlessBetween('every', $every, 60.0, 86400.0, 's');
        if ($seen === []) {
            return [];
        }
        $apart = $every / count($seen);
        arsort($seen);
        $due = [];
        $next = INF;
        foreach ($seen as $holder => $at) {
            $next = min($at + $every, $next - $apart);
            $due[$holder] = $next;
        }

        return array_reverse($due, true);
    }
}
