<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Medium;

/** What is told at depths: linear between them, constant beyond. */
final class Layers
{
    /** m: least and most. */
    public const DEPTH = [0, 12000];

    /** m/s of water in one direction: least and most. */
    public const SPEED = [-30, 30];

    /**
     * @param  non-empty-list<float>  $depths  m, rising
     * @param  non-empty-list<float>  $first  one per depth
     * @param  non-empty-list<float>  $second  one per depth
     * @return array{float, float} of both, at a depth in m
     */
    public static function at(array $depths, array $first, array $second, float $depth): array
    {
        $last = count($depths) - 1;
        if ($depth <= $depths[0]) {
            return [$first[0], $second[0]];
        }
        for ($i = 1; $i <= $last; $i++) {
            if ($depth < $depths[$i]) {
                $part = ($depth - $depths[$i - 1]) / ($depths[$i] - $depths[$i - 1]);

                return [
                    $first[$i - 1] + $part * ($first[$i] - $first[$i - 1]),
                    $second[$i - 1] + $part * ($second[$i] - $second[$i - 1]),
                ];
            }
        }

        return [$first[$last], $second[$last]];
    }
}
