<?php

declare(strict_types=1);

namespace Admek\Core\Units;

/** Eight points of the compass. */
final class Compass
{
    private const POINTS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'];

    private const SIDES = [
        'northern', 'north-eastern', 'eastern', 'south-eastern', 'southern', 'south-western', 'western', 'north-western',
    ];

    /** "SW" */
    public static function point(float $degrees): string
    {
        return self::POINTS[self::eighth($degrees)];
    }

    /** "south-western" */
    public static function side(float $degrees): string
    {
        return self::SIDES[self::eighth($degrees)];
    }

    /** Degrees between two bearings, at most 180. */
    public static function apart(float $a, float $b): float
    {
        $apart = fmod(abs($a - $b), 360.0);

        return min($apart, 360.0 - $apart);
    }

    private static function eighth(float $degrees): int
    {
        return (int) round((fmod($degrees, 360.0) + 360.0) / 45.0) % 8;
    }
}
