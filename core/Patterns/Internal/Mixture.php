<?php

declare(strict_types=1);

namespace Admek\Core\Patterns\Internal;

use Admek\Core\Numerics\Gamma;

/** Normal distributions, each as likely as its weight. */
final class Mixture
{
    private const STEPS = 50;

    /**
     * @param  list<array{float, float, float}>  $normals  weight, mean and deviation of each
     * @return float below which such a share of them lies
     */
    public static function quantile(array $normals, float $share): float
    {
        $least = min(INF, ...array_map(static fn (array $one): float => $one[1] - 8.0 * $one[2], $normals));
        $most = max(-INF, ...array_map(static fn (array $one): float => $one[1] + 8.0 * $one[2], $normals));
        for ($step = 0; $step < self::STEPS && $most - $least > 1e-6; $step++) {
            $at = 0.5 * ($least + $most);
            self::below($normals, $at) < $share ? $least = $at : $most = $at;
        }

        return 0.5 * ($least + $most);
    }

    /** @param  list<array{float, float, float}>  $normals */
    private static function below(array $normals, float $at): float
    {
        $below = 0.0;
        foreach ($normals as [$weight, $mean, $deviation]) {
            $z = ($at - $mean) / max($deviation, 1e-9);
            $within = Gamma::below(0.5, 0.5 * $z * $z);
            $below += $weight * 0.5 * ($z < 0.0 ? 1.0 - $within : 1.0 + $within);
        }

        return $below;
    }
}
