<?php

declare(strict_types=1);

namespace Admek\Core\Patterns;

/**
 * What was fished on one trip, summed up for a season: by all its line-hours are told apart by, along the clock and the sun, by
 * depth and hour. Sums of seasons are sums of these.
 *
 * @phpstan-type PieceTold array{
 *     hours: float, bites: list<array{species: ?string, at: float}>, from: float, clock: float, sun: ?float,
 *     told: array<string, string|float>,
 * }
 * @phpstan-type Sum array{float, array<array-key, int>}
 * @phpstan-type Told array{
 *     trip: int, words: array<string, string>, from: float, until: float, hours: float, bites: list<array{string, float}>,
 *     ways: array<array-key, Sum>, clock: array<int, Sum>, sun: array<int, Sum>, cells: array<array-key, Sum>,
 * }
 */
final readonly class FishedDay
{
    /** Between levels of one way of fishing, in the order of {@see Factor}; '' where nobody knows. */
    private const BETWEEN = "\t";

    /** Of a bite of which nobody told what bit. */
    public const NOBODY_KNOWS = '';

    /** Factors of the whole trip, that a season is asked by. */
    private const OF_TRIP = [Factor::Ground, Factor::Clarity];

    /**
     * @param  Told  $told  words of the trip by factor; from and until, h of the boat's clock; line-hours; bites as species
     *   and hour; sums as line-hours and bites by species: by ways of fishing, by bins of {@see BiteWindow::CLOCK} and
     *   {@see BiteWindow::SUN}, and by band of depth and hour
     */
    private function __construct(public array $told)
    {
    }

    /**
     * @param  list<PieceTold>  $pieces  line-hours; bites, at s since 1970 UTC; from, likewise; clock, h of the boat's at its
     *   middle; sun, ° over the horizon, null where nobody knows; figures and words by {@see Factor}
     */
    public static function of(int $trip, array $pieces, Bands $bands): self
    {
        $told = [
            'trip' => $trip, 'words' => [], 'from' => INF, 'until' => 0.0, 'hours' => 0.0, 'bites' => [], 'ways' => [],
            'clock' => [], 'sun' => [], 'cells' => [],
        ];
        foreach ($pieces as $piece) {
            $half = 0.5 * $piece['hours'];
            $told['from'] = min($told['from'], $piece['clock'] - $half);
            $told['until'] = max($told['until'], $piece['clock'] + $half);
            $told['hours'] += $piece['hours'];
            foreach ($piece['bites'] as $bite) {
                $told['bites'][] = [
                    (string) $bite['species'], $piece['clock'] - $half + ($bite['at'] - $piece['from']) / 3600.0,
                ];
            }
            $levels = self::levels($piece['told'], $bands);
            $depth = $levels[Factor::Depth->value] ?? null;
            $told['ways'] = self::with($told['ways'], self::way($levels), $piece);
            $told['clock'] = self::with($told['clock'], self::bin($piece['clock'], BiteWindow::CLOCK), $piece);
            if ($piece['sun'] !== null) {
                $told['sun'] = self::with($told['sun'], self::bin($piece['sun'], BiteWindow::SUN), $piece);
            }
            if ($depth !== null) {
                $told['cells'] = self::with($told['cells'], $depth.' '.(int) floor($piece['clock']), $piece);
            }
            foreach (self::OF_TRIP as $factor) {
                $told['words'] += array_intersect_key($levels, [$factor->value => '']);
            }
        }

        return new self($told);
    }

    /**
     * @template At of int|string
     *
     * @param  array<At, Sum>  $sums
     * @param  At  $at
     * @param  PieceTold  $piece
     * @return array<At, Sum>
     */
    private static function with(array $sums, int|string $at, array $piece): array
    {
        [$hours, $bites] = $sums[$at] ?? [0.0, []];
        foreach ($piece['bites'] as $bite) {
            $species = (string) $bite['species'];
            $bites[$species] = ($bites[$species] ?? 0) + 1;
        }
        $sums[$at] = [$hours + $piece['hours'], $bites];

        return $sums;
    }

    /** @param  Told  $told  as it was told before */
    public static function told(array $told): self
    {
        return new self($told);
    }

    /** @return array<string, string> what one way of fishing is told apart by, by factor */
    public static function levelsOf(string $way): array
    {
        $levels = explode(self::BETWEEN, $way);
        $told = [];
        foreach (Factor::cases() as $i => $factor) {
            if (($levels[$i] ?? '') !== '') {
                $told[$factor->value] = $levels[$i];
            }
        }

        return $told;
    }

    /** @param  array<string, string>  $levels  by factor */
    private static function way(array $levels): string
    {
        return implode(self::BETWEEN, array_map(
            static fn (Factor $factor): string => strtr($levels[$factor->value] ?? '', self::BETWEEN, ' '), Factor::cases(),
        ));
    }

    private static function bin(float $at, float $wide): int
    {
        return (int) floor($at / $wide + 1e-9);
    }

    /**
     * @param  array<string, string|float>  $told
     * @return array<string, string>
     */
    private static function levels(array $told, Bands $bands): array
    {
        $levels = [];
        foreach ($told as $key => $value) {
            $factor = Factor::from($key);
            $levels[$key] = $factor->quantity() === null ? (string) $value : $bands->level($factor, (float) $value);
        }

        return $levels;
    }
}
