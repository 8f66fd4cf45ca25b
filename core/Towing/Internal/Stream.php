<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\Medium\Water;

/**
 * The water past each point of the gear, in the boat's frame: by depth, and where the frame turns with the boat by place
 * too, W(z) + swirl·(−y, x) (docs/towing-model.md, Turns).
 */
final class Stream
{
    /** ½ρ, kg/m³. */
    public readonly float $halfDensity;

    /** @var non-empty-list<float> m, rising */
    public readonly array $depths;

    /** @var non-empty-list<float> m/s */
    public readonly array $aft;

    /** @var non-empty-list<float> m/s */
    public readonly array $starboard;

    /** m/s through the surface water. */
    public readonly float $boatSpeed;

    /** Rate at which the frame turns, 1/s, positive to starboard; 0 on a straight course. */
    public float $swirl = 0.0;

    /** By how much longer than usual steps may be: what is only passed on the way need not be exact. */
    public float $coarseness = 1.0;

    private readonly bool $sheared;

    public function __construct(Water $water)
    {
        $flow = $water->flow;
        $this->halfDensity = 0.5 * $water->density;
        [$this->depths, $this->aft, $this->starboard] = [$flow->depths, $flow->aft, $flow->starboard];
        $this->boatSpeed = hypot($flow->aft[0], $flow->starboard[0]);
        $this->sheared = ! $flow->isUniform();
    }

    /** Whether the water is the same all over. */
    public function isUniform(): bool
    {
        return ! $this->sheared && $this->swirl === 0.0;
    }

    /** Whether the water is the same in every direction from the centre of the turn. */
    public function isRound(): bool
    {
        return ! $this->sheared;
    }

    /** @return array{float, float} m: the centre of the turn, where the surface water stands still in the boat's frame */
    public function centre(): array
    {
        return [-$this->starboard[0] / $this->swirl, $this->aft[0] / $this->swirl];
    }

    /** @return array{float, float} aft and starboard, m/s, at a place in m */
    public function at(float $x, float $y, float $z): array
    {
        $depths = $this->depths;
        $last = count($depths) - 1;
        $k = 0;
        while ($k < $last && $z >= $depths[$k + 1]) {
            $k++;
        }
        [$u, $v] = [$this->aft[$k], $this->starboard[$k]];
        if ($k < $last && $z > $depths[$k]) {
            $part = ($z - $depths[$k]) / ($depths[$k + 1] - $depths[$k]);
            $u += $part * ($this->aft[$k + 1] - $u);
            $v += $part * ($this->starboard[$k + 1] - $v);
        }

        return [$u - $this->swirl * $y, $v + $this->swirl * $x];
    }
}
