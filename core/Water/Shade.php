<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Units\Compass;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** Which side of a hump, point or edge lies in the shade: the one away from the sun, fished first (03). */
final class Shade
{
    /** Degrees of sun over which a side is hardly darker than the other. */
    private const HIGH = 55.0;

    /**
     * @param  array{elevation: float, bearing: float}  $sun
     * @param  ?string  $structure  name of what is fished; null where nothing is on the chart near the ground
     */
    public static function advice(array $sun, ?Sky $sky, ?string $structure = null): ?Advice
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
        $even = $sky === Sky::Overcast || $sun['elevation'] > self::HIGH;

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
