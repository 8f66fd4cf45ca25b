<?php

declare(strict_types=1);

namespace Admek\Core\Ground;

/** The bottom along her course, as far as anything tells of it. */
final readonly class Ahead
{
    /** m from one place of it to the next. */
    private const STEP = 20.0;

    /**
     * @param  list<array{along: float, depth: float}>  $profile  m, along from where it begins astern
     * @param  float  $behind  m astern of her that it begins
     * @param  string  $by  what it is known by, in words
     */
    private function __construct(public array $profile, public float $behind, public string $by)
    {
    }

    /**
     * On the chart, put right by what the sounder reads where she is; else as deep as it reads there; else as it was planned.
     *
     * @param  ?float  $course  ° true
     * @param  ?float  $depth  m, as it is read
     * @param  ?float  $planned  m
     * @param  float  $trailing  m behind her that the last of the gear is
     * @param  float  $reach  m ahead
     * @return ?self null where nothing tells of it
     */
    public static function of(
        ?BottomGrid $grid, ?Place $here, ?float $course, ?float $depth, ?float $planned, float $trailing, float $reach,
    ): ?self {
        $behind = (ceil(max(0.0, $trailing) / self::STEP) + 1.0) * self::STEP;
        $charted = $grid === null || $here === null || $course === null
            ? [] : self::profile($grid, $here, $course, $behind, $reach);
        if ($charted !== []) {
            $off = $depth === null ? 0.0 : $depth - (float) $grid->at($here);

            return new self(array_map(static fn (array $place): array => [
                'along' => $place['along'], 'depth' => max(0.0, $place['depth'] + $off),
            ], $charted), $behind, $depth === null ? 'chart' : 'chart, by the sounder');
        }
        $flat = $depth ?? $planned;

        return $flat === null ? null : new self(
            [['along' => 0.0, 'depth' => $flat], ['along' => $behind + $reach, 'depth' => $flat]], $behind,
            $depth === null ? 'as planned' : 'if it stays so',
        );
    }

    /** m of water on the way ahead. */
    public function least(): float
    {
        $ahead = array_filter($this->profile, fn (array $place): bool => $place['along'] >= $this->behind);

        return min([INF, ...array_column($ahead === [] ? $this->profile : $ahead, 'depth')]);
    }

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
