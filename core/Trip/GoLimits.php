<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

use Admek\Core\Rules\Rule;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** Limits of a trip, as the captain sets them; without a figure a thing is not judged. */
final class GoLimits
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        $mph = Units::MPH;

        return [
            new Rule(
                'wind',
                'Most wind',
                20 * $mph,
                2,
                40,
                Quantity::Wind,
                'Over it boards blow back, lines blow together and guests cannot stand at the rail.',
                optional: true,
            ),
            new Rule(
                'gust',
                'Most in gusts',
                26 * $mph,
                2,
                60,
                Quantity::Wind,
                'Gusts take charge of a boat at trolling speed with lines out.',
                optional: true,
            ),
            new Rule(
                'wave',
                'Highest waves',
                3 * Units::FOOT,
                0.1,
                8,
                Quantity::Height,
                'Balls swing, and a net over the side is no place for a guest.',
                optional: true,
            ),
            new Rule(
                'visibility',
                'Least visibility',
                Units::MILE,
                50,
                20000,
                Quantity::Distance,
                'You must see what you must keep clear of, trailing half an acre of line.',
                optional: true,
            ),
            new Rule(
                'front_hours',
                'Off the water before a front by',
                1.0,
                0,
                12,
                Quantity::Hours,
                'Wind and lightning come with it, often ahead of the time that was forecast.',
                optional: true,
            ),
            new Rule(
                'water_temperature',
                'Coldest water',
                (40.0 - 32.0) / 1.8,
                -2,
                25,
                Quantity::Temperature,
                'Whoever goes in has minutes: under it only with a crew that is dressed for it.',
                optional: true,
            ),
            new Rule(
                'distance',
                'Farthest from port',
                15 * Units::MILE,
                500,
                200000,
                Quantity::Distance,
                'Far out is far home when it turns.',
                optional: true,
            ),
            new Rule(
                'close',
                'Caution from this share of a limit',
                0.85,
                0.3,
                1.0,
                Quantity::Share,
                'Forecasts are no better than that.',
            ),
            new Rule('calm', 'Wind that makes a lee', 1.5, 0.2, 10, Quantity::Wind, 'Under it no shore is quieter than another.'),
            new Rule(
                'swing',
                'A swing of the wind that changes it',
                45.0,
                10,
                180,
                Quantity::Angle,
                'So far round the other shore lies open.',
            ),
        ];
    }
}
