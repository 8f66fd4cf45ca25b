<?php

declare(strict_types=1);

namespace Admek\Core\Day\Changes;

use Admek\Core\Rules\Rule;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** When something is to be changed (docs/rules.md). */
final class ChangeRules
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            new Rule('turn_bites', 'Bites on one side of turns tell from', 3, 2, 20, Quantity::Count, 'Fewer happen by chance.'),
            new Rule(
                'turn_share', 'and where they are so many to one', 2, 1, 10, Quantity::Count,
                'An even spread says nothing of speed or depth.',
            ),
            new Rule(
                'headway_for', 'Headway is looked at over', 20, 5, 90, Quantity::Minutes,
                'A turn or a fish on is over by then.',
            ),
            new Rule(
                'back_from', 'Going back over a bite is worth a word from', 100.0, 10, 2000, Quantity::Length,
                'Nearer, the spread is still over it.',
            ),
            new Rule(
                'back_within', 'and for so long', 25, 5, 180, Quantity::Minutes, 'Fish move off a place, with the bait.',
            ),
            new Rule(
                'nuisance_bites', 'Small or unwanted fish on bait', 3, 2, 20, Quantity::Count,
                'Bait they take before it is down fishes for nothing else.',
            ),
            new Rule('nuisance_within', 'within', 30, 5, 180, Quantity::Minutes, 'Longer ago they may have gone.'),
            new Rule(
                'finish_bites', 'Bites on one finish that are worth a change', 2, 2, 20, Quantity::Count,
                'One is the lure that happened to be there.',
            ),
            new Rule(
                'light_moved', 'The light has moved a band where it is off by', 5 * Units::FOOT, 0.3, 30, Quantity::Depth,
                'Less is within what lures look up for.',
            ),
            new Rule(
                'follow_within', 'A fish that followed is worked for', 4, 1, 30, Quantity::Minutes,
                'It goes back to where it lay; the place is kept for another pass.',
            ),
            new Rule(
                'gear_risked', 'Rigs that may be lost in a day', 2, 1, 20, Quantity::Count,
                'Bottom that eats gear holds fish. What that is worth is yours to say.',
            ),
            new Rule(
                'slack_after', 'Nothing for so long is slack', 40, 10, 240, Quantity::Minutes,
                'Less is the ordinary wait between bites.',
            ),
            new Rule(
                'slack_step', 'and the next thing is changed after', 20, 5, 120, Quantity::Minutes,
                'A change wants a pass to show.',
            ),
            new Rule(
                'slack_depth', 'Depth is changed by', 10 * Units::FOOT, 0.5, 20, Quantity::Depth,
                'Enough to leave the water that was fished.',
            ),
            new Rule(
                'slack_speed', 'Speed is changed by', 0.2 * Units::MPH, 0.02, 1, Quantity::Speed,
                'Enough for every lure to feel it.',
            ),
        ];
    }
}
