<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

use Admek\Core\Rules\Rule;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** How the boat handles, and when what she does is worth a word (docs/rules.md). */
final class ManoeuvreRules
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            new Rule(
                'coasting', 'Out of gear she loses two thirds of her way in', 8.0, 1, 120, Quantity::Seconds,
                'A light boat stops sooner than a heavy one. Time yours once, on a quiet day.',
            ),
            new Rule(
                'out_of_gear', 'With a fish on she lies out of gear for', 60.0, 10, 600, Quantity::Seconds,
                'How far the others sink by then is looked at.',
            ),
            new Rule(
                'back_in_gear', 'Back in gear she has her speed again after', 10.0, 1, 120, Quantity::Seconds,
                'Eased in, so that no line is jerked.',
            ),
            new Rule(
                'slack', 'A line is slack under this share of its usual pull', 0.1, 0, 0.9, Quantity::Share,
                'A hook falls out of a slack line, and a board lies down.',
            ),
            new Rule(
                'settled', 'Lures are back at their depth within', 1.0 * Units::FOOT, 0.05, 5, Quantity::Leader,
                'Long lines go on sliding across for minutes; at their depth they fish.',
            ),
            new Rule(
                'watched', 'After a manoeuvre the lines are followed for', 100.0, 5, 600, Quantity::Seconds,
                'Long lines take their time to come round.',
            ),
        ];
    }
}
