<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion\Internal;

use Admek\Core\Towing\Motion\MovingWater;

/**
 * The balance of forces on every node of a network, M·a = F, made linear about where the nodes are thought to be (lumped masses
 * as in Buckham and Nahon 2001, Dynamics simulation of low tension tethers; drag of a line as in Ablow and Schechter 1983).
 *
 * A link stretches by its pull over {@see Pulls::STIFFNESS}, which is so stiff that no length changes by more than a few parts in
 * ten thousand, and slackens without pushing. Its pull is an unknown of its own: linear in the moves, not what the stretch of a
 * first guess would say. That is what lets the iteration end in two or three steps.
 *
 * @phpstan-type Boat array{float, float, float, float, float}
 */
final class Balance
{
    /** @var array<int, float> N in each node's link, none where it is slack */
    public array $pull;

    private readonly bool $uniform;

    private readonly int $count;

    private readonly NodeLoads $loads;

    public function __construct(private readonly Network $network, private readonly MovingWater $water)
    {
        $this->count = $network->count;
        $this->pull = array_fill(0, $this->count, 0.0);
        $this->uniform = $water->isUniform();
        $this->loads = new NodeLoads($network, $water);
    }

    /**
     * By how much every node has to move for its forces to balance, with v = rate·p + hv and a = rate·v + ha.
     *
     * @param  array<int, float>  $p  m north, east, down of each node
     * @param  array<int, float>  $hv  m/s
     * @param  array<int, float>  $ha  m/s²
     * @param  float  $rate  1/s
     * @param  Boat  $boat  the tow point: m north, east, down, and m/s north, east
     * @return array<int, float> m north, east, down for each node
     */
    public function moves(array $p, array $hv, array $ha, float $rate, array $boat): array
    {
        $network = $this->network;
        $count = $this->count;
        [$parents, $arms, $lengths, $weights] = [$network->parent, $network->arm, $network->length, $network->weight];
        [$normals, $tangentials, $addeds] = [$network->normal, $network->tangential, $network->added];
        [$boatN, $boatE, $boatD, $boatVn, $boatVe] = $boat;
        $pull = $this->pull;
        $uniform = $this->uniform;
        [$un, $ue] = [$this->water->north[0], $this->water->east[0]];
        $half = 0.5 * $rate;
        $square = $rate * $rate;
        [$own, $right] = $this->loads->at($p, $hv, $ha, $rate);
        $up = $back = array_fill(0, 9 * $count, 0.0);
        $tangents = $stretched = [];

        for ($i = 0; $i < $count; $i++) {
            $j = 3 * $i;
            $q = $parents[$i];
            $arm = $arms[$i];
            [$ax, $ay, $az] = [$p[$j], $p[$j + 1], $p[$j + 2]];
            [$vx, $vy, $vz] = [$rate * $ax + $hv[$j], $rate * $ay + $hv[$j + 1], $rate * $az + $hv[$j + 2]];
            if ($q < 0) {
                [$bx, $by, $bz, $wx, $wy, $wz] = [$boatN, $boatE, $boatD, $boatVn, $boatVe, 0.0];
            } else {
                $b = 3 * $q;
                [$bx, $by, $bz] = [$p[$b], $p[$b + 1], $p[$b + 2]];
                [$wx, $wy, $wz] = [$rate * $bx + $hv[$b], $rate * $by + $hv[$b + 1], $rate * $bz + $hv[$b + 2]];
                if ($arm !== 1.0) {
                    [$bx, $by, $bz] = [$boatN + $arm * ($bx - $boatN), $boatE + $arm * ($by - $boatE), 0.0];
                    [$wx, $wy, $wz] = [$boatVn + $arm * ($wx - $boatVn), $boatVe + $arm * ($wy - $boatVe), 0.0];
                }
            }
            $length = $lengths[$i];
            [$tx, $ty, $tz] = [$bx - $ax, $by - $ay, $bz - $az];
            $long = sqrt($tx * $tx + $ty * $ty + $tz * $tz);
            $inverse = $long > 1e-9 ? 1.0 / $long : 0.0;
            $tx *= $inverse;
            $ty *= $inverse;
            $tz *= $inverse;
            $tangents[$j] = $tx;
            $tangents[$j + 1] = $ty;
            $tangents[$j + 2] = $tz;
            $stiff = Pulls::STIFFNESS / $length;
            $stretched[$i] = $raw = $stiff * ($long - $length);
            $tension = $pull[$i];
            if ($tension > 0.0) {
                $cross = $tension * $inverse;
                $stiff -= $cross;
            } else {
                $raw = $stiff = $cross = 0.0;
            }
            // K = cross·I + stiff·ttᵀ; E and E' are what the drag adds to it at either end.
            $weight = 0.5 * $length * $weights[$i];
            [$fx, $fy, $fz] = [$raw * $tx, $raw * $ty, $raw * $tz];
            [$lx, $ly, $lz] = [0.0, 0.0, $weight];
            $g0 = $g1 = $g2 = $g4 = $g5 = $g8 = 0.0;
            $h0 = $h1 = $h2 = $h3 = $h4 = $h5 = $h6 = $h7 = $h8 = 0.0;
            $m = $madd = 0.0;
            $wet = $az >= 0.0 ? ($bz >= 0.0 ? 1.0 : $az / ($az - $bz)) : ($bz > 0.0 ? $bz / ($bz - $az) : 0.0);
            if ($wet > 0.0 && $normals[$i] > 0.0) {
                if (! $uniform) {
                    [$un, $ue] = $this->water->at(0.5 * ($az + $bz));
                }
                $rx = $un - 0.5 * ($vx + $wx);
                $ry = $ue - 0.5 * ($vy + $wy);
                $rz = -0.5 * ($vz + $wz);
                $along = $rx * $tx + $ry * $ty + $rz * $tz;
                $nx = $rx - $along * $tx;
                $ny = $ry - $along * $ty;
                $nz = $rz - $along * $tz;
                $across = sqrt($nx * $nx + $ny * $ny + $nz * $nz);
                $size = $along < 0.0 ? -$along : $along;
                $c = 0.5 * $length * $wet * $normals[$i];
                $s = 0.5 * $length * $wet * $tangentials[$i];
                $ca = $c * $across;
                $sa = $s * $size;
                $lx += $ca * $nx + $sa * $along * $tx;
                $ly += $ca * $ny + $sa * $along * $ty;
                $lz += $ca * $nz + $sa * $along * $tz;
                $cn = $across > 1e-9 ? $c / $across : 0.0;
                $st = 2.0 * $sa - $ca;
                // The change with the flow: ca·P + cn·nnᵀ + 2sa·ttᵀ, symmetric.
                $g0 = $half * ($ca + $cn * $nx * $nx + $st * $tx * $tx);
                $g1 = $half * ($cn * $nx * $ny + $st * $tx * $ty);
                $g2 = $half * ($cn * $nx * $nz + $st * $tx * $tz);
                $g4 = $half * ($ca + $cn * $ny * $ny + $st * $ty * $ty);
                $g5 = $half * ($cn * $ny * $nz + $st * $ty * $tz);
                $g8 = $half * ($ca + $cn * $nz * $nz + $st * $tz * $tz);
                // The change with the line's direction: (2sa − ca)·tnᵀ − cn·along·nnᵀ + along·(sa − ca)·P, over the length.
                $tn = $st * $inverse;
                $nn = -$cn * $along * $inverse;
                $pp = $along * ($sa - $ca) * $inverse;
                [$ex, $ey, $ez] = [$tn * $tx + $nn * $nx, $tn * $ty + $nn * $ny, $tn * $tz + $nn * $nz];
                $h0 = $ex * $nx + $pp * (1.0 - $tx * $tx);
                $h1 = $ex * $ny - $pp * $tx * $ty;
                $h2 = $ex * $nz - $pp * $tx * $tz;
                $h3 = $ey * $nx - $pp * $ty * $tx;
                $h4 = $ey * $ny + $pp * (1.0 - $ty * $ty);
                $h5 = $ey * $nz - $pp * $ty * $tz;
                $h6 = $ez * $nx - $pp * $tz * $tx;
                $h7 = $ez * $ny - $pp * $tz * $ty;
                $h8 = $ez * $nz + $pp * (1.0 - $tz * $tz);
                $m = 0.5 * $length * $wet * $addeds[$i];
                $madd = $square * $m;
            }
            $k = 9 * $i;
            [$k0, $k1, $k2] = [$cross + $stiff * $tx * $tx, $stiff * $tx * $ty, $stiff * $tx * $tz];
            [$k4, $k5, $k8] = [$cross + $stiff * $ty * $ty, $stiff * $ty * $tz, $cross + $stiff * $tz * $tz];
            [$m0, $m1, $m2] = [$madd * (1.0 - $tx * $tx), -$madd * $tx * $ty, -$madd * $tx * $tz];
            [$m4, $m5, $m8] = [$madd * (1.0 - $ty * $ty), -$madd * $ty * $tz, $madd * (1.0 - $tz * $tz)];
            $own[$k] += $k0 + $g0 + $h0 + $m0;
            $own[$k + 1] += $k1 + $g1 + $h1 + $m1;
            $own[$k + 2] += $k2 + $g2 + $h2 + $m2;
            $own[$k + 3] += $k1 + $g1 + $h3 + $m1;
            $own[$k + 4] += $k4 + $g4 + $h4 + $m4;
            $own[$k + 5] += $k5 + $g5 + $h5 + $m5;
            $own[$k + 6] += $k2 + $g2 + $h6 + $m2;
            $own[$k + 7] += $k5 + $g5 + $h7 + $m5;
            $own[$k + 8] += $k8 + $g8 + $h8 + $m8;
            $right[$j] += $fx + $lx;
            $right[$j + 1] += $fy + $ly;
            $right[$j + 2] += $fz + $lz;
            if ($m > 0.0) {
                [$ix, $iy, $iz] = [$rate * $vx + $ha[$j], $rate * $vy + $ha[$j + 1], $rate * $vz + $ha[$j + 2]];
                $ahead = $ix * $tx + $iy * $ty + $iz * $tz;
                $right[$j] -= $m * ($ix - $ahead * $tx);
                $right[$j + 1] -= $m * ($iy - $ahead * $ty);
                $right[$j + 2] -= $m * ($iz - $ahead * $tz);
            }
            if ($q < 0) {
                continue;
            }
            $up[$k] = $arm * ($g0 - $k0 - $h0);
            $up[$k + 1] = $arm * ($g1 - $k1 - $h1);
            $up[$k + 2] = $arm * ($g2 - $k2 - $h2);
            $up[$k + 3] = $arm * ($g1 - $k1 - $h3);
            $up[$k + 4] = $arm * ($g4 - $k4 - $h4);
            $up[$k + 5] = $arm * ($g5 - $k5 - $h5);
            $up[$k + 6] = $arm * ($g2 - $k2 - $h6);
            $up[$k + 7] = $arm * ($g5 - $k5 - $h7);
            $up[$k + 8] = $arm * ($g8 - $k8 - $h8);
            $back[$k] = $arm * ($g0 - $k0 + $h0);
            $back[$k + 1] = $arm * ($g1 - $k1 + $h1);
            $back[$k + 2] = $arm * ($g2 - $k2 + $h2);
            $back[$k + 3] = $arm * ($g1 - $k1 + $h3);
            $back[$k + 4] = $arm * ($g4 - $k4 + $h4);
            $back[$k + 5] = $arm * ($g5 - $k5 + $h5);
            $back[$k + 6] = $arm * ($g2 - $k2 + $h6);
            $back[$k + 7] = $arm * ($g5 - $k5 + $h7);
            $back[$k + 8] = $arm * ($g8 - $k8 + $h8);
            $b = 3 * $q;
            $k = 9 * $q;
            $twice = $arm * $arm;
            $own[$k] += $twice * ($k0 + $g0 - $h0) + $m0;
            $own[$k + 1] += $twice * ($k1 + $g1 - $h1) + $m1;
            $own[$k + 2] += $twice * ($k2 + $g2 - $h2) + $m2;
            $own[$k + 3] += $twice * ($k1 + $g1 - $h3) + $m1;
            $own[$k + 4] += $twice * ($k4 + $g4 - $h4) + $m4;
            $own[$k + 5] += $twice * ($k5 + $g5 - $h5) + $m5;
            $own[$k + 6] += $twice * ($k2 + $g2 - $h6) + $m2;
            $own[$k + 7] += $twice * ($k5 + $g5 - $h7) + $m5;
            $own[$k + 8] += $twice * ($k8 + $g8 - $h8) + $m8;
            $right[$b] += $arm * ($lx - $fx);
            $right[$b + 1] += $arm * ($ly - $fy);
            $right[$b + 2] += $arm * ($lz - $fz);
            if ($m > 0.0) {
                [$ix, $iy, $iz] = [$rate * $wx + $ha[$b], $rate * $wy + $ha[$b + 1], $rate * $wz + $ha[$b + 2]];
                $ahead = $ix * $tx + $iy * $ty + $iz * $tz;
                $right[$b] -= $m * ($ix - $ahead * $tx);
                $right[$b + 1] -= $m * ($iy - $ahead * $ty);
                $right[$b + 2] -= $m * ($iz - $ahead * $tz);
            }
        }
        $moves = TreeSystem::solve($parents, $own, $up, $back, $right, $network->hasBoard);
        $this->pull = Pulls::after($network, $moves, $tangents, $stretched);

        return $moves;
    }
}
