<?php

declare(strict_types=1);

namespace Admek\Core\Patterns;

/**
 * All that was fished, day by day, with all that is known of how.
 *
 * @phpstan-import-type Sum from FishedDay
 */
final readonly class Fished
{
    /** What cells of the picture of depth and hour are told apart by. */
    private const CELL = 'cell';

    /**
     * @param  list<FishedDay>  $days  earlier first
     * @param  int  $unread  days that are of it and not in it yet
     * @param  ?list<string>  $species  whose bites alone are counted; null where all are
     */
    public function __construct(
        public array $days, public Bands $bands, public int $unread = 0, private ?array $species = null,
    ) {
    }

    /** Of trips on a ground, or in water as clear. */
    public function where(Factor $factor, string $level): self
    {
        return $this->of(static fn (FishedDay $day): bool => ($day->told['words'][$factor->value] ?? null) === $level);
    }

    /** Counting no bites but those of a species. */
    public function biting(?string $species): self
    {
        return $species === null ? $this : new self($this->days, $this->bands, $this->unread, [$species]);
    }

    /**
     * On some trips, counting no bites but those of the species they were for, and those of which nobody told what bit.
     *
     * @param  list<int>  $trips
     * @param  list<string>  $species
     */
    public function on(array $trips, array $species): self
    {
        $on = array_flip($trips);
        $those = $this->of(static fn (FishedDay $day): bool => isset($on[$day->told['trip']]));

        return new self($those->days, $this->bands, $this->unread, [...$species, FishedDay::NOBODY_KNOWS]);
    }

    /** On every trip but one. */
    public function without(int $trip): self
    {
        return $this->of(static fn (FishedDay $day): bool => $day->told['trip'] !== $trip);
    }

    /** @param  callable(FishedDay): bool  $is */
    private function of(callable $is): self
    {
        return new self(array_values(array_filter($this->days, $is)), $this->bands, $this->unread, $this->species);
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
            $patterns = $near !== null && $near->bites() >= Tomorrow::ENOUGH ? $near->patterns() : null;
            if ($patterns !== null) {
                return [$of, $patterns];
            }
        }

        return ['all trips like it', $this->patterns()];
    }

    public function bites(): int
    {
        return array_sum(array_map(fn (FishedDay $day): int => count($this->counted($day)), $this->days));
    }

    public function patterns(): Patterns
    {
        return Patterns::of($this->exposures(
            $this->summed('ways'), static fn (string $way): array => FishedDay::levelsOf($way),
        ));
    }

    /** @return array{clock: BiteWindow, sun: BiteWindow} */
    public function windows(): array
    {
        return [
            'clock' => $this->window('clock', BiteWindow::CLOCK), 'sun' => $this->window('sun', BiteWindow::SUN),
        ];
    }

    /** @param  'clock'|'sun'  $along */
    private function window(string $along, float $wide): BiteWindow
    {
        $fished = [];
        foreach ($this->summed($along) as $bin => [$hours, $bites]) {
            $fished[] = [((int) $bin + 0.5) * $wide, $hours, $bites];
        }

        return BiteWindow::of($fished, $wide);
    }

    /** @return list<array{depth: string, hour: int, hours: float, bites: int, rate: float}> depth by hour of the day */
    public function cells(): array
    {
        $cells = [];
        $exposures = $this->exposures($this->summed('cells'), static fn (string $at): array => [self::CELL => $at]);
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
    public function byDay(): array
    {
        return array_reverse(array_map(fn (FishedDay $day): array => [
            'trip' => $day->told['trip'], 'from' => $day->told['from'], 'until' => $day->told['until'],
            'hours' => $day->told['hours'], 'bites' => $this->counted($day),
        ], $this->days));
    }

    /** @return list<string> words of a factor of whole trips, as they came */
    public function words(Factor $factor): array
    {
        $words = array_map(static fn (FishedDay $day): string => $day->told['words'][$factor->value] ?? '', $this->days);

        return array_values(array_unique(array_filter($words, static fn (string $word): bool => $word !== '')));
    }

    /** @return list<string> of what bit, as it came */
    public function species(): array
    {
        $species = array_merge(...array_map(
            static fn (FishedDay $day): array => array_column($day->told['bites'], 0), $this->days,
        ));

        return array_values(array_diff(array_unique($species), [FishedDay::NOBODY_KNOWS]));
    }

    /** @return list<float> hours of bites that are counted */
    private function counted(FishedDay $day): array
    {
        return array_column(array_filter(
            $day->told['bites'], fn (array $bite): bool => $this->species === null || in_array($bite[0], $this->species, true),
        ), 1);
    }

    /**
     * @param  'ways'|'clock'|'sun'|'cells'  $along
     * @return array<array-key, array{float, int}> line-hours and bites that are counted
     */
    private function summed(string $along): array
    {
        $all = [];
        $counted = $this->species === null ? null : array_flip($this->species);
        foreach ($this->days as $day) {
            foreach ($day->told[$along] as $at => [$hours, $bites]) {
                $all[$at] ??= [0.0, 0];
                $all[$at][0] += $hours;
                $all[$at][1] += $bites === [] ? 0 : array_sum($counted === null ? $bites : array_intersect_key($bites, $counted));
            }
        }

        return $all;
    }

    /**
     * @param  array<array-key, array{float, int}>  $sums
     * @param  callable(string): array<string, string>  $levels
     * @return list<Exposure>
     */
    private function exposures(array $sums, callable $levels): array
    {
        $exposures = [];
        foreach ($sums as $at => [$hours, $bites]) {
            $exposures[] = new Exposure($hours, $bites, $levels((string) $at));
        }

        return $exposures;
    }
}
