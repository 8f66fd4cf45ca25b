<?php

declare(strict_types=1);

namespace Admek\Core\Day\Changes;

use Admek\Core\Day\Day;
use Admek\Core\Patterns\Exposure;
use Admek\Core\Patterns\Factor;
use Admek\Core\Patterns\Patterns;
use Admek\Core\Patterns\Rate;
use Admek\Core\Units\Sentence;

/** How often finishes were bitten this day for the line-hours they were fished. */
final class FinishRates
{
    /**
     * Line-hours of each finish so far.
     *
     * @param  float  $now  s since 1970 UTC
     * @return array<string, float> by finish
     */
    public static function hours(Day $day, float $now): array
    {
        $hours = [];
        foreach ($day->spells as $spell) {
            $finish = $spell->line->finish ?? '';
            if ($finish !== '') {
                $hours[$finish] = ($hours[$finish] ?? 0.0) + $spell->hours($now);
            }
        }

        return $hours;
    }

    /** Why half of the like rods are worth changing to a finish: by its rate against the rest, where hours are known. */
    public static function why(string $finish, Facts $facts): Sentence
    {
        $bites = array_count_values(array_filter(array_column($facts->bites, 'finish')));
        $test = 'A third goes on testing something else; all-in on what bites is the other school.';
        $hours = $facts->finishHours;
        if (($hours[$finish] ?? 0.0) <= 0.0 || count($hours) < 2) {
            return Sentence::of("{bites} bites on it. {$test}", ['bites' => $bites[$finish]]);
        }
        $exposures = [];
        foreach ($hours as $one => $fished) {
            if ($fished > 0.0) {
                $exposures[] = new Exposure($fished, $bites[$one] ?? 0, [Factor::Finish->value => (string) $one]);
            }
        }
        $others = array_sum($hours) - $hours[$finish];
        $rest = $others > 0.0 ? (array_sum(array_intersect_key($bites, $hours)) - $bites[$finish]) / $others : 0.0;
        $figures = ['bites' => $bites[$finish], 'other' => Rate::figure($rest, 1), 'rate' => ''];
        foreach (Patterns::of($exposures, alike: false)->factors[Factor::Finish->value] as $rate) {
            $figures['rate'] = $rate->level === $finish ? $rate->says(1) : $figures['rate'];
        }

        return Sentence::of("{bites} bites on it, {rate} against {other} on the others. {$test}", $figures);
    }
}
