<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

/** How she went while she fished: straight or turning, how fast, over what bottom. */
final readonly class Going
{
    /** s of one way of going that are worth a cut. */
    private const LEAST = 20.0;

    /**
     * @param  list<array{float, TurnState}>  $turns  since when she has gone so
     * @param  list<float>  $changes  s since 1970 UTC
     * @param  list<TrackPoint>  $points
     */
    private function __construct(private array $turns, public array $changes, private array $points)
    {
    }

    /** @param  iterable<TrackPoint>  $track  earlier first */
    public static function of(iterable $track): self
    {
        $turns = $points = [];
        foreach ($track as $point) {
            $points[] = $point;
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

        return new self($turns, array_column($turns, 0), $points);
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
        $sum = $count = 0;
        foreach ($this->points as $point) {
            if ($point->at >= $from && $point->at <= $until && isset($point->figures[$figure->value])) {
                $sum += $point->figures[$figure->value];
                $count++;
            }
        }

        return $count === 0 ? null : $sum / $count;
    }
}
