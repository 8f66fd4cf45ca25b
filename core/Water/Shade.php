<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Compass;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Water\Signs\Sky;

/** Which side of a hump, point or edge lies in the shade: the one away from the sun, fished first (docs/rules.md). */
final class Shade
{
    /**
     * @param  array{elevation: float, bearing: float}  $sun
     * @param  ?string  $structure  name of what is fished; null where nothing is on the chart near the ground
     * @param  ?RuleBook  $rules  of {@see ReadingRules}; null for the defaults
     */
    public static function advice(array $sun, ?Sky $sky, ?string $structure = null, ?RuleBook $rules = null): ?Advice
    {
        if ($sun['elevation'] <= 0.0) {
            return null;
        }
        $figures = [
            'side' => Compass::side($sun['bearing'] + 180.0),
            'bearing' => [Quantity::Angle, $sun['bearing']],
            'point' => Compass::point($sun['bearing']),
            'up' => [Quantity::Angle, $sun['elevation']],
            'structure' => $structure ?? 'structure',
        ];
        $even = $sky === Sky::Overcast || $sun['elevation'] > ($rules ?? RuleBook::of(ReadingRules::rules()))->get('lit');

        return new Advice('sides', 'sides', Sentence::of(
            $even ? 'Either side of {structure}' : 'The {side} side of {structure} first', $figures,
        ), Sentence::of(
            match (true) {
                $sky === Sky::Overcast => 'Under cloud no side is darker than the other.',
                $even => 'With the sun {up} up both sides are lit.',
                default => 'The sun stands in the {point}, {bearing}, {up} up: that side is in the shade.',
            }, $figures,
        ));
    }
}
