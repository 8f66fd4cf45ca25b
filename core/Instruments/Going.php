<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

/** How she went while she fished: straight or turning, how fast, over what bottom. */
final readonly class Going
{
    /** s of one way of going that are worth a cut. */
    private const LEAST = 20.0;

    /** Of which the mean is asked for. */
    private const FIGURES = [Figure::WaterSpeed, Figure::Turn, Figure::Depth];

    /**
     * @param  list<array{float, TurnState}>  $turns  since when she has gone so
     * @param  list<float>  $changes  s since 1970 UTC
     * @param  list<float>  $at  s since 1970 UTC, of each point
     * @param  array<string, list<float>>  $sums  of each figure over the points before each, and over all
     * @param  array<string, list<int>>  $counts  of those of them that have it
     */
    private function __construct(
        private array $turns, public array $changes, private array $at, private array $sums, private array $counts,
    ) {
    }

    /** @param  iterable<TrackPoint>  $track  earlier first */
    public static function of(iterable $track): self
    {
        $turns = $at = $sums = $counts = [];
        $sum = array_fill_keys(array_column(self::FIGURES, 'value'), 0.0);
        $count = array_map(intval(...), $sum);
        foreach ($track as $point) {
            $at[] = $point->at;
            foreach ($sum as $name => $so) {
                [$sums[$name][], $counts[$name][]] = [$so, $count[$name]];
                if (isset($point->figures[$name])) {
                    $sum[$name] += $point->figures[$name];
                    $count[$name]++;
                }
            }
            $rate = $point->figures[Figure::Turn->value] ?? null;
            if ($rate === null) {
                continue;
            }
            $now = TurnState::of($rate);
            $last = count($turns) - 1;
            if ($last < 0 || $turns[$last][1] !== $now) {
                // What lasted no time is no way of going.
                if ($last >= 0 && $point->at - $turns[$last][0] < self::LEAST) {
                    array_pop($turns);
                }
                $turns[] = [$point->at, $now];
            }
        }

        foreach ($sum as $name => $so) {
            [$sums[$name][], $counts[$name][]] = [$so, $count[$name]];
        }

        return new self($turns, array_column($turns, 0), $at, $sums, $counts);
    }

    /** Null where nothing was heard of it. */
    public function turn(float $at): ?TurnState
    {
        $state = null;
        foreach ($this->turns as [$since, $turning]) {
            if ($since > $at) {
                break;
            }
            $state = $turning;
        }

        return $state;
    }

    /** m/s through the water on the whole; null where it was not read. */
    public function speed(float $from, float $until): ?float
    {
        return $this->mean(Figure::WaterSpeed, $from, $until);
    }

    /** °/s to starboard on the whole; null where it was not read. */
    public function rate(float $from, float $until): ?float
    {
        return $this->mean(Figure::Turn, $from, $until);
    }

    /** m. */
    public function bottom(float $from, float $until): ?float
    {
        return $this->mean(Figure::Depth, $from, $until);
    }

    private function mean(Figure $figure, float $from, float $until): ?float
    {
        [$first, $behind] = [$this->pointsBefore($from), $this->pointsBefore($until, orAt: true)];
        $count = $this->counts[$figure->value][$behind] - $this->counts[$figure->value][$first];

        return $count <= 0 ? null : ($this->sums[$figure->value][$behind] - $this->sums[$figure->value][$first]) / $count;
    }

    /** How many points are of an earlier moment, by halving. */
    private function pointsBefore(float $moment, bool $orAt = false): int
    {
        [$low, $high] = [0, count($this->at)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->at[$middle] < $moment || ($orAt && $this->at[$middle] === $moment)) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }
}
