<?php

declare(strict_types=1);

namespace Admek\Core\Units;

/** Bearings: eight points of the compass, and the way from one to another. */
final class Compass
{
    private const POINTS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'];

    private const SIXTEEN = [
        'N', 'NNE', 'NE', 'ENE', 'E', 'ESE', 'SE', 'SSE', 'S', 'SSW', 'SW', 'WSW', 'W', 'WNW', 'NW', 'NNW',
    ];

    private const SIDES = [
        'northern', 'north-eastern', 'eastern', 'south-eastern', 'southern', 'south-western', 'western', 'north-western',
    ];

    /** "SW" */
    public static function point(float $degrees): string
    {
        return self::POINTS[self::eighth($degrees)];
    }

    /**
     * Degrees of a point as it is written or said: "NW", "NNE", "north-west", "southerly"; null where it is none.
     */
    public static function bearing(string $point): ?float
    {
        $letters = strtoupper((string) preg_replace(
            ['/erly|ern|\bfrom\b|\bthe\b/i', '/north/i', '/south/i', '/east/i', '/west/i', '/[^nsew]/i'],
            ['', 'N', 'S', 'E', 'W', ''], preg_replace('/[^a-z\s-]/i', '?', $point) ?? '',
        ));
        $at = array_search($letters, self::SIXTEEN, true);

        return $at === false || preg_match('/^[a-z\s-]+$/i', $point) !== 1 ? null : 22.5 * $at;
    }

    /** "south-western" */
    public static function side(float $degrees): string
    {
        return self::SIDES[self::eighth($degrees)];
    }

    /** Degrees between two bearings, at most 180. */
    public static function apart(float $a, float $b): float
    {
        return abs(self::turned($a, $b));
    }

    /** Degrees from one bearing to another by the shorter way round, to starboard: from −180 to 180. */
    public static function turned(float $from, float $to): float
    {
        return fmod(fmod($to - $from, 360.0) + 540.0, 360.0) - 180.0;
    }

    private static function eighth(float $degrees): int
    {
        return (int) round((fmod($degrees, 360.0) + 360.0) / 45.0) % 8;
    }
}
