<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Spread\Check\LureReach;

/** The bands cut into thin layers, each with what a first, second or third lure there is worth. */
final class WantedWater
{
    /** m of a layer. */
    private const LAYER = 0.25;

    /** What each further lure on a layer adds to its worth. */
    private const WORTH = [1.0, 0.3, 0.1];

    /** @var list<array{band: int, depth: float, worth: float, low: bool, lures: int}> */
    private array $layers = [];

    /** @param  list<DraftBand>  $bands */
    public function __construct(private readonly array $bands, private readonly LureReach $reach = new LureReach)
    {
        $whole = array_sum(array_map(static fn (DraftBand $band): float => $band->weight, $bands));
        foreach ($bands as $at => $band) {
            $count = max(1, (int) round(($band->bottom - $band->top) / self::LAYER));
            // Fish that lie on the ground do not come up for a lure: half of their band is its lowest feet.
            $low = $band->prospect?->onBottom === true ? min($count, (int) round($reach->above / self::LAYER)) : 0;
            $share = $low === 0 ? 0.0 : max(0.5, $low / $count);
            for ($i = 0; $i < $count; $i++) {
                $this->layers[] = [
                    'band' => $at,
                    'depth' => $band->top + ($i + 0.5) * ($band->bottom - $band->top) / $count,
                    'worth' => $band->weight / $whole * (
                        $i >= $count - $low ? $share / max(1, $low) : (1.0 - $share) / ($count - $low)
                    ),
                    'low' => $i >= $count - $low,
                    'lures' => 0,
                ];
            }
        }
    }

    /**
     * What a lure at a depth would add; a lure above all of them adds next to nothing, the more the nearer it comes.
     *
     * @param  float  $depth  m
     * @param  list<float>  $suits  how well what is run there suits the water of each band; all alike where none are given
     */
    public function gain(float $depth, array $suits = []): float
    {
        $gain = 0.0;
        $near = INF;
        foreach ($this->layers as $layer) {
            if ($this->serves($depth, $layer)) {
                $gain += ($suits[$layer['band']] ?? 1.0) * $layer['worth'] * (self::WORTH[$layer['lures']] ?? 0.02);
            }
            $near = min($near, abs($layer['depth'] - $depth));
        }

        return $gain + 1e-5 / (1.0 + $near);
    }

    public function put(float $depth, int $lures = 1): void
    {
        foreach ($this->layers as $i => $layer) {
            if ($this->serves($depth, $layer)) {
                $this->layers[$i]['lures'] += $lures;
            }
        }
    }

    public function take(float $depth): void
    {
        $this->put($depth, -1);
    }

    /** @param  array{depth: float, low: bool, ...}  $layer */
    private function serves(float $depth, array $layer): bool
    {
        return $this->reach->serves($depth, $layer['depth'])
            && (! $layer['low'] || $layer['depth'] < $depth + $this->reach->above);
    }

    /** Share of the bands, by weight, that has a lure. */
    public function covered(): float
    {
        $covered = 0.0;
        foreach ($this->layers as $layer) {
            $covered += $layer['lures'] > 0 ? $layer['worth'] : 0.0;
        }

        return $covered;
    }

    /** Whether a lure there would be the first on at least half of the water it serves. */
    public function isFirst(float $depth): bool
    {
        $served = $first = 0;
        foreach ($this->layers as $layer) {
            if ($this->serves($depth, $layer)) {
                $served++;
                $first += $layer['lures'] === 0 ? 1 : 0;
            }
        }

        return $served > 0 && 2 * $first >= $served;
    }

    /** The band a lure at a depth serves, the first in priority; null above or below them all. */
    public function bandAt(float $depth): ?DraftBand
    {
        foreach ($this->bands as $band) {
            if ($depth + $this->reach->below > $band->top && $depth - $this->reach->above < $band->bottom) {
                return $band;
            }
        }

        return null;
    }

    /**
     * Depths worth trying: so close that none better lies between.
     *
     * @return list<float> m
     */
    public function depths(): array
    {
        $depths = [];
        foreach ($this->bands as $band) {
            $first = max(0.5, $band->top - $this->reach->below + self::LAYER);
            for ($depth = $first; $depth < $band->bottom + $this->reach->above; $depth += self::LAYER) {
                $depths[] = $depth;
            }
        }

        return $depths;
    }
}
