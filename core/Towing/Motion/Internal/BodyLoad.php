<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion\Internal;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\Internal\March;

/** What the water does to all the bodies at a node, and how that changes with their speed and depth. */
final class BodyLoad
{
    private float $drag = 0.0;

    private float $down = 0.0;

    private float $side = 0.0;

    /** N in water. */
    private float $weight = 0.0;

    /** N out of it: a body that floats has its weight there too. */
    private float $weightInAir = 0.0;

    /** @param  float  $halfDensity  ½ρ, kg/m³ */
    public function __construct(private readonly float $halfDensity)
    {
    }

    public function with(Body $body): self
    {
        $this->drag += $this->halfDensity * $body->dragArea;
        $this->down += $this->halfDensity * $body->downArea;
        $this->side += $this->halfDensity * $body->sideArea;
        $this->weight += $body->weight;
        $this->weightInAir += abs($body->weight);

        return $this;
    }

    /**
     * The loads ½ρ·drag_area·|W|W, ½ρ·down_area·|Wh|² down and ½ρ·side_area·|Wh|(We, −Wn) with the weight. They grow from
     * nothing to whole over the last {@see March::EMERGENCE} above the surface, as in steady tow.
     *
     * @param  float  $z  m down
     * @return array{
     *     array{float, float, float},
     *     array{float, float, float, float, float, float, float, float, float},
     *     array{float, float, float},
     * } N: the load; N·s/m: its change with the flow, row by row; N/m: its change with depth
     */
    public function at(float $z, float $wn, float $we, float $wz): array
    {
        $wet = $z >= 0.0 ? 1.0 : max(0.0, 1.0 + $z / March::EMERGENCE);
        if ($wet === 0.0) {
            return [[0.0, 0.0, $this->weightInAir], [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0], [0.0, 0.0, 0.0]];
        }
        $level = sqrt($wn * $wn + $we * $we);
        $speed = sqrt($wn * $wn + $we * $we + $wz * $wz);
        [$drag, $side, $down] = [$wet * $this->drag, $wet * $this->side, $wet * $this->down];
        $load = [
            $drag * $speed * $wn + $side * $level * $we,
            $drag * $speed * $we - $side * $level * $wn,
            $drag * $speed * $wz + $down * $level * $level,
        ];
        $c = $speed > 1e-9 ? $drag / $speed : 0.0;
        $d = $level > 1e-9 ? $side / $level : 0.0;
        $change = [
            $drag * $speed + $c * $wn * $wn + $d * $wn * $we,
            $c * $wn * $we + $side * $level + $d * $we * $we,
            $c * $wn * $wz,
            $c * $we * $wn - $side * $level - $d * $wn * $wn,
            $drag * $speed + $c * $we * $we - $d * $we * $wn,
            $c * $we * $wz,
            $c * $wz * $wn + 2.0 * $down * $wn,
            $c * $wz * $we + 2.0 * $down * $we,
            $drag * $speed + $c * $wz * $wz,
        ];
        $deeper = [0.0, 0.0, 0.0];
        if ($wet < 1.0) {
            $share = 1.0 / ($wet * March::EMERGENCE);
            $deeper = [
                $share * $load[0], $share * $load[1],
                $share * $load[2] + ($this->weight - $this->weightInAir) / March::EMERGENCE,
            ];
        }
        $load[2] += $wet * $this->weight + (1.0 - $wet) * $this->weightInAir;

        return [$load, $change, $deeper];
    }
}
