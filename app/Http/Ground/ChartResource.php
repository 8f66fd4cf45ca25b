<?php

declare(strict_types=1);

namespace App\Http\Ground;

use Admek\Core\Ground\BottomGrid;
use Admek\Core\Ground\Place;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Models\Structure;

/** The chart as the page draws it: lines of equal depth, and what is worth fishing. */
final class ChartResource
{
    /** Between two lines of depth: ten feet, or three metres. */
    private const EVERY = ['us' => 10 * Units::FOOT, 'metric' => 3.0];

    private const MOST_LINES = 40;

    /** @return array<string, mixed> */
    public static function of(Boat $boat): array
    {
        $chart = $boat->chart;
        $grid = $chart?->bottom();

        return [
            'name' => $chart?->name, 'source' => $chart?->source,
            'bounds' => $grid === null ? null : [
                'south' => $grid->south, 'west' => $grid->west,
                'north' => $grid->south + $grid->step * (count($grid->depths) - 1),
                'east' => $grid->west + $grid->step * (count($grid->depths[0]) - 1),
            ],
            'contours' => $grid === null ? [] : self::contours($grid, self::EVERY[$boat->units]),
            'land' => $grid === null ? [] : self::land($grid),
            'structures' => $boat->structures->map(
                static fn (Structure $structure): array => $structure->only(['id', 'name', 'kind', 'places', 'source']),
            )->all(),
        ];
    }

    /** @return list<array{depth: float, lines: list<list<array{float, float}>>}> */
    private static function contours(BottomGrid $grid, float $every): array
    {
        $deepest = max([0.0, ...array_merge(...$grid->depths)]);
        $every = max($every, ceil($deepest / $every / self::MOST_LINES) * $every);
        $contours = [];
        for ($depth = $every; $depth < $deepest; $depth += $every) {
            $contours[] = [
                'depth' => $depth,
                'lines' => array_map(
                    static fn (array $line): array => array_map(
                        static fn (Place $place): array => [round($place->latitude, 5), round($place->longitude, 5)], $line,
                    ),
                    $grid->contour($depth),
                ),
            ];
        }
        array_unshift(
            $contours,
            [
                'depth' => 0.0,
                'lines' => array_map(
                    static fn (array $line): array => array_map(
                        static fn (Place $place): array => [round($place->latitude, 5), round($place->longitude, 5)], $line,
                    ),
                    $grid->contour(0.05),
                ),
            ],
        );

        return $contours;
    }

    /** @return list<array{float, float, float, float}> land, in strips: south, west, north, east */
    private static function land(BottomGrid $grid): array
    {
        $strips = [];
        $half = $grid->step / 2;
        foreach ($grid->depths as $i => $row) {
            $from = null;
            foreach ([...$row, 1.0] as $j => $depth) {
                if ($depth <= 0.0) {
                    $from ??= $j;
                } elseif ($from !== null) {
                    $strips[] = array_map(
                        static fn (float $degrees): float => round($degrees, 5),
                        [
                            $grid->south + $i * $grid->step - $half,
                            $grid->west + $from * $grid->step - $half,
                            $grid->south + $i * $grid->step + $half,
                            $grid->west + ($j - 1) * $grid->step + $half,
                        ],
                    );
                    $from = null;
                }
            }
        }

        return $strips;
    }
}
