<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

use Admek\Core\Ground\Place;

/** Where she was and what she read at a moment, as it is kept. */
final readonly class TrackPoint
{
    /** s and m from one to the next, whichever comes first. */
    public const EVERY = 5.0;

    public const APART = 20.0;

    /**
     * @param  float  $at  s since 1970 UTC
     * @param  array<string, float>  $figures  by the names of {@see Figure}, as {@see Motion} tells them
     */
    public function __construct(public float $at, public array $figures)
    {
    }

    /** Of what is live; null where nothing is. */
    public static function of(float $at, Motion $motion): ?self
    {
        $figures = array_map(
            static fn (Known $told): float => $told->value,
            array_filter($motion->figures, static fn (Known $told): bool => $told->live),
        );

        return $figures === [] ? null : new self($at, $figures);
    }

    public function place(): ?Place
    {
        $latitude = $this->figures[Figure::Latitude->value] ?? null;
        $longitude = $this->figures[Figure::Longitude->value] ?? null;

        return $latitude === null || $longitude === null || abs($latitude) > Place::MOST_LATITUDE
            ? null : new Place($latitude, $longitude);
    }

    /** Whether it is to be kept after the one kept last; a clock set back begins anew. */
    public function isDueAfter(?self $last): bool
    {
        if ($last === null || $this->at < $last->at || $this->at - $last->at >= self::EVERY) {
            return true;
        }
        [$here, $there] = [$this->place(), $last->place()];

        return $here !== null && $there !== null && $here->to($there) >= self::APART;
    }
}
