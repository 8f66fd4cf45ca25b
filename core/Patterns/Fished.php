<?php

declare(strict_types=1);

namespace Admek\Core\Patterns;

/**
 * All that was fished, piece by piece, with all that is known of how.
 *
 * @phpstan-type PieceTold array{
 *     hours: float, bites: list<array{species: ?string, at: float}>, from: float, clock: float, sun: ?float,
 *     told: array<string, string|float>, trip: int,
 * }
 */
final readonly class Fished
{
    /** What cells of the picture of depth and hour are told apart by. */
    private const CELL = 'cell';

    /**
     * @param  list<PieceTold>  $pieces  line-hours; bites, at s since 1970 UTC; from, likewise; clock, h of the boat's at its
     *   middle; sun, ° over the horizon, null where nobody knows; figures and words by {@see Factor}; the trip it is of
     */
    public function __construct(public array $pieces, public Bands $bands)
    {
    }

    /** Of trips on a ground, or with any other word told of them. */
    public function where(Factor $factor, string $level): self
    {
        return new self(array_values(array_filter(
            $this->pieces, static fn (array $piece): bool => ($piece['told'][$factor->value] ?? null) === $level,
        )), $this->bands);
    }

    /** Counting no bites but those of a species. */
    public function biting(?string $species): self
    {
        return $species === null ? $this : $this->bitten([$species]);
    }

    /**
     * Counting no bites but those of some species.
     *
     * @param  list<?string>  $species  null for those of which nobody told what bit
     */
    private function bitten(array $species): self
    {
        return new self(array_map(static fn (array $piece): array => array_replace($piece, [
            'bites' => array_values(array_filter(
                $piece['bites'], static fn (array $bite): bool => in_array($bite['species'], $species, true),
            )),
        ]), $this->pieces), $this->bands);
    }

    /**
     * On some trips, counting no bites but those of the species they were for.
     *
     * @param  list<int>  $trips
     * @param  list<string>  $species
     */
    public function on(array $trips, array $species): self
    {
        $on = array_flip($trips);

        return (new self(array_values(
            array_filter($this->pieces, static fn (array $piece): bool => isset($on[$piece['trip']])),
        ), $this->bands))->bitten([...$species, null]);
    }

    /** On every trip but one. */
    public function without(int $trip): self
    {
        return new self(array_values(
            array_filter($this->pieces, static fn (array $piece): bool => $piece['trip'] !== $trip),
        ), $this->bands);
    }

    /**
     * What bit nearest to a trip's water: on its ground in water as clear, widened where that is too little to go by, to all of
     * it: what was fished for other fish, or over other depths, is left out before ({@see on()}).
     *
     * @param  string  $ground  '' where it is not said
     * @return array{string, Patterns} and what they are of
     */
    public function near(string $ground, ?string $clarity): array
    {
        $on = $ground === '' ? null : $this->where(Factor::Ground, $ground);
        foreach ([
            [$clarity === null ? null : $on?->where(Factor::Clarity, $clarity), "{$ground} in {$clarity} water"], [$on, $ground],
        ] as [$near, $of]) {
            $patterns = $near?->patterns();
            if ($patterns !== null && $patterns->bites >= Tomorrow::ENOUGH) {
                return [$of, $patterns];
            }
        }

        return ['all trips like it', $this->patterns()];
    }

    public function patterns(): Patterns
    {
        return Patterns::of(array_map(fn (array $piece): Exposure => new Exposure(
            $piece['hours'], count($piece['bites']), $this->levels($piece['told']),
        ), $this->pieces));
    }

    /** @return array{clock: BiteWindow, sun: BiteWindow} */
    public function windows(): array
    {
        $along = ['clock' => [], 'sun' => []];
        foreach ($this->pieces as $piece) {
            $along['clock'][] = [$piece['clock'], $piece['hours'], count($piece['bites'])];
            if ($piece['sun'] !== null) {
                $along['sun'][] = [$piece['sun'], $piece['hours'], count($piece['bites'])];
            }
        }

        return [
            'clock' => BiteWindow::of($along['clock'], BiteWindow::CLOCK),
            'sun' => BiteWindow::of($along['sun'], BiteWindow::SUN),
        ];
    }

    /** @return list<array{depth: string, hour: int, hours: float, bites: int, rate: float}> depth by hour of the day */
    public function cells(): array
    {
        $exposures = [];
        foreach ($this->pieces as $piece) {
            $depth = $piece['told'][Factor::Depth->value] ?? null;
            if (is_numeric($depth)) {
                $at = $this->bands->level(Factor::Depth, (float) $depth).' '.(int) floor($piece['clock']);
                $exposures[] = new Exposure($piece['hours'], count($piece['bites']), [self::CELL => $at]);
            }
        }
        $cells = [];
        foreach (Patterns::of($exposures, alike: false)->factors[self::CELL] ?? [] as $rate) {
            [$depth, $hour] = explode(' ', $rate->level);
            $cells[] = [
                'depth' => $depth, 'hour' => (int) $hour, 'hours' => $rate->hours, 'bites' => $rate->bites, 'rate' => $rate->rate,
            ];
        }

        return $cells;
    }

    /**
     * Each trip on a line of time, the latest first.
     *
     * @return list<array{trip: int, from: float, until: float, hours: float, bites: list<float>}> by hours of the boat's clock
     */
    public function days(): array
    {
        $days = [];
        foreach ($this->pieces as $piece) {
            $half = 0.5 * $piece['hours'];
            $day = $days[$piece['trip']] ?? [
                'trip' => $piece['trip'], 'from' => INF, 'until' => 0.0, 'hours' => 0.0, 'bites' => [],
            ];
            $days[$piece['trip']] = [
                'from' => min($day['from'], $piece['clock'] - $half), 'until' => max($day['until'], $piece['clock'] + $half),
                'hours' => $day['hours'] + $piece['hours'], 'bites' => [
                    ...$day['bites'], ...array_map(
                        static fn (array $bite): float => $piece['clock'] - $half + ($bite['at'] - $piece['from']) / 3600.0,
                        $piece['bites'],
                    ),
                ],
            ] + $day;
        }

        return array_reverse(array_values($days));
    }

    /**
     * @param  array<string, string|float>  $told
     * @return array<string, string>
     */
    private function levels(array $told): array
    {
        $levels = [];
        foreach ($told as $key => $value) {
            $factor = Factor::from($key);
            $levels[$key] = $factor->quantity() === null ? (string) $value : $this->bands->level($factor, (float) $value);
        }

        return $levels;
    }
}
