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
            new Rule(
                'ahead_for',
                'The bottom ahead is looked at for',
                15,
                2,
                60,
                Quantity::Minutes,
                'So long it takes to wind up a deep spread in good order.',
            ),
            new Rule(
                'bottom_alarm',
                'Bottom is called out before it is reached by',
                3,
                1,
                20,
                Quantity::Minutes,
                'A rigger is up in one, core takes longer.',
            ),
            new Rule(
                'slowed_to',
                'Slowed for a fish she makes this share of her speed',
                0.6,
                0.2,
                1,
                Quantity::Share,
                'What hangs clear as she goes may touch then: it is told before she is slowed.',
            ),
            new Rule(
                'sounding_off',
                'A sounding is asked about beyond this share of the water there',
                0.2,
                0.02,
                1,
                Quantity::Share,
                'Gear trails over another bottom than the boat’s; what is farther off was another touch, or a slip.',
            ),
            new Rule(
                'net_weight',
                'The landing net weighs',
                0.9,
                0.05,
                5,
                Quantity::Mass,
                'A fish is easiest held and weighed in its net, whose weight is not the fish’s.',
            ),
        ];
    }
}
