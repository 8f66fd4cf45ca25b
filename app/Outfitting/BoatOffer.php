<?php

declare(strict_types=1);

namespace App\Outfitting;

/**
 * A sensible charter boat to start from: thirty feet, ten rod holders and two rigger booms, tips rising
 * from stern to bow. Every figure can be changed before the boat is made.
 */
final class BoatOffer
{
    /**
     * Holder code, side, kind, and the tip's place: aft of the transom, to starboard of the middle, above the water (m).
     *
     * @var list<array{string, string, string, float, float, float}>
     */
    private const RAIL = [
        ['P1', 'port', 'rod', -3.6, -2.3, 3.0],
        ['P2', 'port', 'rod', -2.4, -2.4, 2.6],
        ['P3', 'port', 'rod', -1.2, -2.9, 1.2],
        ['P4', 'port', 'rod', -0.4, -2.5, 1.1],
        ['P5', 'port', 'boom', 0.4, -1.7, 1.0],
        ['C1', 'centre', 'rod', 0.3, -0.9, 2.4],
        ['C2', 'centre', 'rod', 0.3, 0.9, 2.4],
        ['S5', 'starboard', 'boom', 0.4, 1.7, 1.0],
        ['S4', 'starboard', 'rod', -0.4, 2.5, 1.1],
        ['S3', 'starboard', 'rod', -1.2, 2.9, 1.2],
        ['S2', 'starboard', 'rod', -2.4, 2.4, 2.6],
        ['S1', 'starboard', 'rod', -3.6, 2.3, 3.0],
    ];

    /**
     * @return array{
     *     name: string, length: float, beam: float, units: string, clock_face: string, lines_per_angler: int,
     *     holders: list<array{code: string, side: string, kind: string, aft: float, starboard: float, height: float}>,
     * }
     */
    public static function make(): array
    {
        $holders = [];
        foreach (self::RAIL as [$code, $side, $kind, $aft, $starboard, $height]) {
            $holders[] = [
                'code' => $code, 'side' => $side, 'kind' => $kind, 'aft' => $aft, 'starboard' => $starboard, 'height' => $height,
            ];
        }

        return [
            'name' => '', 'length' => 9.1, 'beam' => 3.2, 'units' => 'us', 'clock_face' => '12', 'lines_per_angler' => 3,
            'holders' => $holders,
        ];
    }
}
