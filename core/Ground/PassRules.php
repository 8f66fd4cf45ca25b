<?php

declare(strict_types=1);

namespace Admek\Core\Ground;

use Admek\Core\Rules\Rule;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** What a pass is judged by. */
final class PassRules
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            new Rule(
                'corner',
                'A corner that is a turn',
                12.0,
                3,
                60,
                Quantity::Angle,
                'Less is a bend in a line, which no line feels.',
            ),
            new Rule(
                'too_slow',
                'Lift and run back under',
                0.5 * Units::MPH,
                0,
                2,
                Quantity::Speed,
                'Made good over ground: under it she fishes the same water all morning.',
            ),
            new Rule('still', 'Current that matters from', 0.05, 0, 1, Quantity::Speed, 'Less is not felt at the gear.'),
        ];
    }
}
