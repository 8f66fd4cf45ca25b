<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\CannotTow;

/**
 * Integrates one uniform length of line: dr/ds = t = −F/|F| and dF/ds = w·ẑ + ½ρd(Cn|Wn|Wn + πCf|Wt|Wt)
 * (Pode 1951; Berteaux 1976, Buoy Engineering, ch. 5).
 *
 * Classical fourth-order Runge–Kutta in scalars. A step turns the line by a fixed share of its angle to the flow, for
 * a line that lies nearly along the flow lives by that small angle; the water around it changes over a step by no more
 * than a share of itself; and a step ends on the water's surface, where the drag stops, and on the boundary of a layer
 * of flow, where its gradient changes.
 */
final class LineMarch
{
    /** Share of its angle to the flow a step may turn the line; docs/decisions/0002 tells how it was chosen. */
    private const STEP = 0.15;

    /** The flow may change over a step by this share of itself… */
    private const FLOW_STEP = 0.2;

    /** …and by this share of the boat's speed it always may: water that nearly stands pulls at nothing. */
    private const FLOW_SLACK = 0.1;

    /** How often a step that would cross the surface or a layer's boundary is shortened to end on it. */
    private const BOUNDARY_ATTEMPTS = 8;

    /** Within this of the surface, or of a boundary (m), a point counts as on it. */
    private const ON_BOUNDARY = 1e-5;

    /** Steps along one line after which it is told that none of them leads anywhere. */
    private const MOST_STEPS = 20_000;

    public function __construct(private readonly Stream $stream, private readonly float $fineness)
    {
    }

    /**
     * Carries a march along a line. The state lives in local scalars: nothing is allocated between steps unless recording.
     *
     * @param  float  $length  m
     * @param  float  $weight  N per metre in water
     * @param  float  $normal  ½ρdCn, kg/m²
     * @param  float  $tangential  ½ρπdCf, kg/m²
     *
     * @throws CannotTow when nothing pulls the line straight, or no step leads on
     */
    public function along(March $march, float $length, float $weight, float $normal, float $tangential): void
    {
        $left = $length;
        $stream = $this->stream;
        $uniform = $stream->isUniform();
        $share = self::STEP * $stream->coarseness / $this->fineness;
        $flowShare = self::FLOW_STEP * $stream->coarseness / $this->fineness;
        $slack = self::FLOW_SLACK * $stream->boatSpeed;
        $swirl = $stream->swirl;
        $curve = $march->curve;
        $depths = $stream->depths;
        $aft = $stream->aft;
        $starboard = $stream->starboard;
        $last = count($depths) - 1;
        [$u, $v] = [$base, $baseV] = [$aft[0], $starboard[0]];
        $top = $gu = $gv = 0.0;
        [$above, $below] = [-INF, INF];
        $nx = $ny = $nz = 0.0;
        [$x, $y, $z, $fx, $fy, $fz] = [$march->x, $march->y, $march->z, $march->fx, $march->fy, $march->fz];
        if ($fx * $fx + $fy * $fy + $fz * $fz < 1e-24) {
            [$fx, $fy, $fz] = CriticalAngle::forceOfSliver($weight, $normal, $tangential, $stream->at($x, $y, $z), $left * 1e-4);
        }
        $steps = 0;

        while ($left > 1e-9) {
            $force = sqrt($fx * $fx + $fy * $fy + $fz * $fz);
            if ($force < 1e-12) {
                throw CannotTow::noForce();
            }
            // On the surface itself, the side the line is heading for decides whether it has water around it.
            $wet = $z > self::ON_BOUNDARY || ($z >= -self::ON_BOUNDARY && $fz <= 0.0);
            if ($wet && $last > 0) {
                // The layer the step goes through, the one it is heading for where it starts on a boundary.
                $k = -1;
                while ($k < $last && $z > $depths[$k + 1] + ($fz > 0.0 ? self::ON_BOUNDARY : -self::ON_BOUNDARY)) {
                    $k++;
                }
                [$above, $below] = [$k < 0 ? -INF : $depths[$k], $k < $last ? $depths[$k + 1] : INF];
                $at = $k < 0 ? 0 : $k;
                [$base, $baseV, $top] = [$aft[$at], $starboard[$at], $depths[$at]];
                $gu = $k < 0 || $k === $last ? 0.0 : ($aft[$k + 1] - $aft[$k]) / ($below - $above);
                $gv = $k < 0 || $k === $last ? 0.0 : ($starboard[$k + 1] - $starboard[$k]) / ($below - $above);
            }
            $h = 0.0;
            for ($attempt = 0; $attempt < self::BOUNDARY_ATTEMPTS; $attempt++) {
                $ax = $ay = $az = $gx = $gy = $gz = 0.0;
                [$px, $py, $pz, $qx, $qy, $qz] = [$x, $y, $z, $fx, $fy, $fz];
                for ($stage = 0; $stage < 4; $stage++) {
                    $pull = sqrt($qx * $qx + $qy * $qy + $qz * $qz);
                    if ($pull < 1e-15) {
                        throw CannotTow::noForce();
                    }
                    $inverse = -1.0 / $pull;
                    $tx = $qx * $inverse;
                    $ty = $qy * $inverse;
                    $tz = $qz * $inverse;
                    if ($wet) {
                        if (! $uniform) {
                            $u = $base + ($pz - $top) * $gu - $swirl * $py;
                            $v = $baseV + ($pz - $top) * $gv + $swirl * $px;
                        }
                        $along = $u * $tx + $v * $ty;
                        $nx = $u - $along * $tx;
                        $ny = $v - $along * $ty;
                        $nz = -$along * $tz;
                        $across = $normal * sqrt($nx * $nx + $ny * $ny + $nz * $nz);
                        $slip = $tangential * ($along < 0.0 ? -$along : $along) * $along;
                        $dx = $across * $nx + $slip * $tx;
                        $dy = $across * $ny + $slip * $ty;
                        $dz = $across * $nz + $slip * $tz + $weight;
                    } else {
                        $dx = $dy = 0.0;
                        $dz = $weight;
                    }
                    if ($stage === 0 && $h === 0.0) {
                        $stretch = $dx * $tx + $dy * $ty + $dz * $tz;
                        $bend = sqrt(max(0.0, $dx * $dx + $dy * $dy + $dz * $dz - $stretch * $stretch));
                        $speed = sqrt($u * $u + $v * $v);
                        $sine = $wet && $speed > 0.0 ? sqrt($nx * $nx + $ny * $ny + $nz * $nz) / $speed : 1.0;
                        $load = $bend / ($sine > 1e-4 ? $sine : 1e-4) + 0.5 * abs($stretch);
                        if ($wet) {
                            // A heavy line snaps to its critical angle faster than it bends: keep within that rate.
                            $load += 0.2 * $across * abs($along);
                        }
                        $h = $load > 0.0 ? $share * $force / $load : $left;
                        if ($wet && ! $uniform) {
                            $du = $gu * $tz - $swirl * $ty;
                            $dv = $gv * $tz + $swirl * $tx;
                            $change = sqrt($du * $du + $dv * $dv);
                            $h = $change > 0.0 ? min($h, $flowShare * ($speed + $slack) / $change) : $h;
                        }
                        $h = $h > $left ? $left : $h;
                    }
                    if ($stage === 0 || $stage === 3) {
                        $ax += $tx;
                        $ay += $ty;
                        $az += $tz;
                        $gx += $dx;
                        $gy += $dy;
                        $gz += $dz;
                        if ($stage === 3) {
                            break;
                        }
                        $c = 0.5 * $h;
                    } else {
                        $ax += 2.0 * $tx;
                        $ay += 2.0 * $ty;
                        $az += 2.0 * $tz;
                        $gx += 2.0 * $dx;
                        $gy += 2.0 * $dy;
                        $gz += 2.0 * $dz;
                        $c = $stage === 1 ? 0.5 * $h : $h;
                    }
                    $px = $x + $c * $tx;
                    $py = $y + $c * $ty;
                    $pz = $z + $c * $tz;
                    $qx = $fx + $c * $dx;
                    $qy = $fy + $c * $dy;
                    $qz = $fz + $c * $dz;
                }
                if (++$steps > self::MOST_STEPS) {
                    throw CannotTow::noBalance();
                }
                $sixth = $h / 6.0;
                $rise = $sixth * $az;
                $end = $z + $rise;
                // A step that would leave its medium, or its layer, is shortened to end on the boundary.
                if ($wet ? $end < -self::ON_BOUNDARY : $end > self::ON_BOUNDARY) {
                    $h *= max(-$z / $rise, 1e-6);
                } elseif ($wet && $end < $above - self::ON_BOUNDARY) {
                    $h *= max(($above - $z) / $rise, 1e-6);
                } elseif ($wet && $end > $below + self::ON_BOUNDARY) {
                    $h *= max(($below - $z) / $rise, 1e-6);
                } else {
                    break;
                }
            }
            $curve?->add(
                $h, [$fx, $fy, $fz], [$sixth * $ax, $sixth * $ay, $rise],
                [$fx + $sixth * $gx, $fy + $sixth * $gy, $fz + $sixth * $gz],
            );
            $x += $sixth * $ax;
            $y += $sixth * $ay;
            $z = $end;
            $fx += $sixth * $gx;
            $fy += $sixth * $gy;
            $fz += $sixth * $gz;
            $left -= $h;
        }
        [$march->x, $march->y, $march->z, $march->fx, $march->fy, $march->fz] = [$x, $y, $z, $fx, $fy, $fz];
        $march->steps += $steps;
    }
}
