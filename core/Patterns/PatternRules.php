<?php

declare(strict_types=1);

namespace Admek\Core\Patterns;

use Admek\Core\Rules\Rule;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** How wide the bands are that figures are counted in (docs/rules.md). */
final class PatternRules
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        $foot = Units::FOOT;

        return [
            new Rule(
                Factor::Depth->value, 'Bands of running depth', 10 * $foot, 1, 60, Quantity::Depth,
                'Narrower there is too little in each, wider it says little.',
            ),
            new Rule(
                Factor::Height->value, 'Bands above bottom', 10 * $foot, 1, 60, Quantity::Depth, 'As those of depth.',
            ),
            new Rule(
                Factor::Speed->value, 'Bands of speed', 0.2 * 0.44704, 0.02, 1, Quantity::Speed,
                'What a hand on the throttle can tell apart.',
            ),
            new Rule(
                Factor::Temperature->value, 'Bands of temperature', 4 / 1.8, 0.5, 10, Quantity::TemperatureStep,
                'About a layer of water.',
            ),
        ];
    }
}
