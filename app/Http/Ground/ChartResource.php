<?php

declare(strict_types=1);

namespace App\Http\Ground;

use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Models\Structure;

/** The chart as the page draws it: lines of equal depth, and what is worth fishing. */
final class ChartResource
{
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
            ...($chart?->asDrawn(Units::from($boat->units)) ?? ['contours' => [], 'land' => []]),
            'structures' => $boat->structures->map(
                static fn (Structure $structure): array => $structure->only(['id', 'name', 'kind', 'places', 'source']),
            )->all(),
        ];
    }
}
