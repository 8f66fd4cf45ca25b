<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion\Internal;

use Admek\Core\Towing\Motion\MovingWater;

/** What acts on the nodes themselves: their masses, and the bodies on them. */
final readonly class NodeLoads
{
    public function __construct(private Network $network, private MovingWater $water)
    {
    }

    /**
     * @param  array<int, float>  $p  m north, east, down of each node
     * @param  array<int, float>  $hv  m/s, with v = rate·p + hv
     * @param  array<int, float>  $ha  m/s², with a = rate·v + ha
     * @param  float  $rate  1/s
     * @return array{array<int, float>, array<int, float>} nine to a node: how much less the load becomes with a move; three: the
     *   load less M·a
     */
    public function at(array $p, array $hv, array $ha, float $rate): array
    {
        $network = $this->network;
        $own = $right = [];
        foreach ($network->mass as $i => $mass) {
            $j = 3 * $i;
            [$vx, $vy, $vz] = [$rate * $p[$j] + $hv[$j], $rate * $p[$j + 1] + $hv[$j + 1], $rate * $p[$j + 2] + $hv[$j + 2]];
            $right[] = -$mass * ($rate * $vx + $ha[$j]);
            $right[] = -$mass * ($rate * $vy + $ha[$j + 1]);
            $right[] = -$mass * ($rate * $vz + $ha[$j + 2]);
            $inertia = $mass * $rate * $rate;
            array_push($own, $inertia, 0.0, 0.0, 0.0, $inertia, 0.0, 0.0, 0.0, $inertia);
            $body = $network->bodies[$i] ?? null;
            if ($body === null) {
                continue;
            }
            [$un, $ue] = $this->water->at($p[$j + 2]);
            [$load, $change, $deeper] = $body->at($p[$j + 2], $un - $vx, $ue - $vy, -$vz);
            $k = 9 * $i;
            for ($row = 0; $row < 3; $row++) {
                $right[$j + $row] += $load[$row];
                for ($column = 0; $column < 3; $column++) {
                    $own[$k + 3 * $row + $column] += $rate * $change[3 * $row + $column];
                }
                $own[$k + 3 * $row + 2] -= $deeper[$row];
            }
        }

        return [$own, $right];
    }
}
