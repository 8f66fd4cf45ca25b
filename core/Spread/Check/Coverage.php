<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\InvalidValue;

/**
 * Which stretches of a target band have a lure to offer, which two, which none. Fish look up: a lure serves the
 * water from a little above it to well below it (docs/rules.md).
 */
final readonly class Coverage
{
    /** @param  list<array{top: float, bottom: float, lures: int}>  $stretches m, touching, from the band's top down */
    private function __construct(public array $stretches)
    {
    }

    /**
     * @param  float  $top  of the band, m
     * @param  float  $bottom  of the band, m
     * @param  list<float>  $depths  of the lures, m
     *
     * @throws InvalidValue when the band is upside down
     */
    public static function of(float $top, float $bottom, array $depths, LureReach $reach = new LureReach): self
    {
        InvalidValue::unlessBetween('bottom', $bottom, $top, 500, 'm');
        $edges = [$top, $bottom];
        foreach ($depths as $depth) {
            array_push($edges, $depth - $reach->above, $depth + $reach->below);
        }
        $edges = array_values(array_filter($edges, static fn (float $edge): bool => $edge >= $top && $edge <= $bottom));
        sort($edges);
        $stretches = [];
        for ($i = 1, $n = count($edges); $i < $n; $i++) {
            $middle = 0.5 * ($edges[$i - 1] + $edges[$i]);
            $lures = count(array_filter($depths, static fn (float $lure): bool => $reach->serves($lure, $middle)));
            if ($edges[$i] - $edges[$i - 1] < 1e-6) {
                continue;
            }
            $last = count($stretches) - 1;
            if ($last >= 0 && $stretches[$last]['lures'] === $lures) {
                $stretches[$last]['bottom'] = $edges[$i];
            } else {
                $stretches[] = ['top' => $edges[$i - 1], 'bottom' => $edges[$i], 'lures' => $lures];
            }
        }

        return new self($stretches);
    }

    /**
     * m of all bands that some lure serves.
     *
     * @param  array<string, array{float, float}>  $bands  top and bottom in m by species
     * @param  list<float>  $depths  of the lures, m
     */
    public static function served(array $bands, array $depths, LureReach $reach = new LureReach): float
    {
        $served = 0.0;
        foreach ($bands as [$top, $bottom]) {
            $served += self::of($top, $bottom, $depths, $reach)->share() * ($bottom - $top);
        }

        return $served;
    }

    /** Share of the band that has a lure, 0 to 1. */
    public function share(): float
    {
        $whole = $covered = 0.0;
        foreach ($this->stretches as $stretch) {
            $height = $stretch['bottom'] - $stretch['top'];
            $whole += $height;
            $covered += $stretch['lures'] > 0 ? $height : 0.0;
        }

        return $whole > 0.0 ? $covered / $whole : 1.0;
    }
}
