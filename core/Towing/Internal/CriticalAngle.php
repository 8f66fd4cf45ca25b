<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\CannotTow;

/**
 * The angle at which a long uniform line lies by itself, its weight across it borne by the drag across it:
 * w·cosφ = ½ρdCnW²·sin²φ (Pode 1951).
 */
final class CriticalAngle
{
    private const HALVINGS = 60;

    /**
     * Force of a first sliver of a line with nothing at its end, which lies at this angle.
     *
     * @param  float  $weight  N per metre in water, negative floats
     * @param  float  $normal  ½ρdCn, kg/m²
     * @param  float  $tangential  ½ρπdCf, kg/m²
     * @param  array{float, float}  $flow  aft and starboard, m/s
     * @param  float  $sliver  m
     * @return array{float, float, float} N
     *
     * @throws CannotTow when the line neither weighs nor drags
     */
    public static function forceOfSliver(float $weight, float $normal, float $tangential, array $flow, float $sliver): array
    {
        [$u, $v] = $flow;
        $speed = sqrt($u * $u + $v * $v);
        if ($weight === 0.0 && ($speed === 0.0 || $normal + $tangential === 0.0)) {
            throw CannotTow::noForce();
        }
        $angle = self::of(abs($weight), $normal * $speed * $speed);
        $force = max(($tangential * $speed * $speed * cos($angle) ** 2 + abs($weight) * sin($angle)) * $sliver, 1e-9);
        $level = $speed > 0.0 ? $force * cos($angle) / $speed : 0.0;

        return [$level * $u, $level * $v, $force * sin($angle) * ($weight < 0.0 ? -1 : 1)];
    }

    /**
     * The angle below the flow, radians, by bisection.
     *
     * @param  float  $weight  N per metre, not negative
     * @param  float  $drag  ½ρdCnW², N per metre of line square to the flow
     */
    public static function of(float $weight, float $drag): float
    {
        [$low, $high] = [0.0, M_PI_2];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = 0.5 * ($low + $high);
            if ($drag * sin($middle) ** 2 > $weight * cos($middle)) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return 0.5 * ($low + $high);
    }
}
