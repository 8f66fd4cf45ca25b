<?php

declare(strict_types=1);

namespace Admek\Core\Ground;

/** The bottom along a straight course from a place, as a chart has it. */
final class Ahead
{
    /** m from one place of it to the next. */
    public const STEP = 20.0;

    /**
     * @param  float  $course  ° true
     * @param  float  $behind  m astern it begins at: what trails is still over that
     * @param  float  $reach  m ahead
     * @return list<array{along: float, depth: float}> m, along from where it begins; nothing where she is off the chart
     */
    public static function profile(BottomGrid $grid, Place $here, float $course, float $behind, float $reach): array
    {
        [$east, $north] = [sin(deg2rad($course)), cos(deg2rad($course))];
        $profile = [];
        for ($along = 0.0; $along <= $behind + $reach; $along += self::STEP) {
            $depth = $grid->at($here->moved(($along - $behind) * $east, ($along - $behind) * $north));
            if ($depth === null) {
                // Astern of the chart's edge nothing is known, ahead of it the rest is not.
                if ($along >= $behind) {
                    break;
                }
                $profile = [];

                continue;
            }
            $profile[] = ['along' => $along, 'depth' => $depth];
        }

        return $profile !== [] && end($profile)['along'] >= $behind ? $profile : [];
    }
}
