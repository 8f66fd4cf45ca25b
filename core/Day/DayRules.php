<?php

declare(strict_types=1);

namespace Admek\Core\Day;

use Admek\Core\Rules\Rule;
use Admek\Core\Units\Quantity;

/** How lines are looked after while they fish (docs/rules.md). */
final class DayRules
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            new Rule(
                'check_every',
                'A line is looked at every',
                20,
                5,
                120,
                Quantity::Minutes,
                'Weed, a washed-out bait or a kinked leader fishes for nobody. They are spread out so that no two fall due at '
                    .'once.',
            ),
        ];
    }
}
