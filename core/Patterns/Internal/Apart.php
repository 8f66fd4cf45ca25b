<?php

declare(strict_types=1);

namespace Admek\Core\Patterns\Internal;

/** How far apart rates may lie, which nobody knows: tried at some deviations, each weighed. */
final class Apart
{
    /**
     * How likely each is beforehand, as a half normal has it.
     *
     * @param  list<float>  $deviations  rising
     * @param  float  $spread  deviation of the half normal
     * @return list<array{float, float}> each deviation, and the logarithm of its weight
     */
    public static function beforehand(array $deviations, float $spread): array
    {
        $likely = [];
        $last = count($deviations) - 1;
        foreach ($deviations as $i => $deviation) {
            // So much of the line each stands for.
            $width = 0.5 * ($deviations[min($i + 1, $last)] - ($deviations[$i - 1] ?? 0.0)) * ($i === $last ? 2.0 : 1.0);
            $likely[] = [$deviation, log($width) - 0.5 * ($deviation / $spread) ** 2];
        }

        return $likely;
    }

    /**
     * Weights that add up to one.
     *
     * @param  list<float>  $logs  how likely each is
     * @return list<float>
     */
    public static function weights(array $logs): array
    {
        $most = max(-INF, ...$logs);
        $weights = array_map(static fn (float $log): float => exp($log - $most), $logs);
        $sum = array_sum($weights);

        return array_map(static fn (float $weight): float => $weight / $sum, $weights);
    }
}
