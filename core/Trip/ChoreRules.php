<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

use Admek\Core\Rules\Rule;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** How long the run and the work before lines are in take (docs/rules.md). */
final class ChoreRules
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        $minutes = static fn (string $key, string $label, float $default, float $most, string $why): Rule => new Rule(
            $key, $label, $default, 0, $most, Quantity::Minutes, $why,
        );

        return [
            new Rule(
                'cruise',
                'Speed to the ground',
                20 * Units::MPH,
                1,
                25,
                Quantity::Speed,
                'How long the run takes, and so when lines leave the dock.',
            ),
            $minutes('harbour', 'Slow out of the harbour', 10, 90, 'No wake, bridges, a last stop.'),
            $minutes('setting', 'From stopping to the first line set', 5, 60, 'Boat on course and speed, gear in the cockpit.'),
            $minutes(
                'thaw',
                'Thaw before bait is cut or cured',
                75,
                600,
                'An hour to an hour and a half: half frozen it cuts clean, soft it tears.',
            ),
            $minutes('salt', 'In salt', 600, 1440, 'Overnight draws the water out and makes it tough.'),
            $minutes('brine', 'In brine', 480, 1440, 'Six to twelve hours firm it and keep its shine.'),
            $minutes('cut', 'Cutting and rigging bait', 45, 240, 'Enough for the trip, so that no rod waits.'),
            $minutes(
                'briefing', 'Guest briefing before the lines come off', 15, 120, 'Everybody hears it before the boat moves.',
            ),
        ];
    }
}
