<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion\Internal;

/**
 * Linear equations of a tree, three to a node, by elimination from the leaves to the root: work that grows with the number of
 * nodes. A board's place on the surface is held.
 */
final class TreeSystem
{
    /**
     * @param  array<int, int>  $parent  number of each node's parent, lower than its own; −1 at the root
     * @param  array<int, float>  $own  nine to a node: its own rows and columns
     * @param  array<int, float>  $up  nine to a node: its rows, its parent's columns
     * @param  array<int, float>  $back  nine to a node: its parent's rows, its columns
     * @param  array<int, float>  $right  three to a node
     * @param  bool  $floats  whether node 0 keeps its depth
     * @return array<int, float> three to a node
     */
    public static function solve(array $parent, array $own, array $up, array $back, array $right, bool $floats): array
    {
        $count = count($parent);
        for ($i = $count - 1; $i >= 0; $i--) {
            $k = 9 * $i;
            $j = 3 * $i;
            if ($i === 0 && $floats) {
                $own[2] = $own[5] = $own[6] = $own[7] = $right[2] = 0.0;
                $own[8] = 1.0;
            }
            [$a, $b, $c] = [$own[$k], $own[$k + 1], $own[$k + 2]];
            [$d, $e, $f] = [$own[$k + 3], $own[$k + 4], $own[$k + 5]];
            [$g, $h, $l] = [$own[$k + 6], $own[$k + 7], $own[$k + 8]];
            $m0 = $e * $l - $f * $h;
            $m3 = $f * $g - $d * $l;
            $m6 = $d * $h - $e * $g;
            $scale = $a * $m0 + $b * $m3 + $c * $m6;
            $scale = $scale !== 0.0 ? 1.0 / $scale : 0.0;
            $m0 *= $scale;
            $m3 *= $scale;
            $m6 *= $scale;
            $m1 = ($c * $h - $b * $l) * $scale;
            $m4 = ($a * $l - $c * $g) * $scale;
            $m7 = ($b * $g - $a * $h) * $scale;
            $m2 = ($b * $f - $c * $e) * $scale;
            $m5 = ($c * $d - $a * $f) * $scale;
            $m8 = ($a * $e - $b * $d) * $scale;
            [$r, $s, $t] = [$right[$j], $right[$j + 1], $right[$j + 2]];
            $right[$j] = $r0 = $m0 * $r + $m1 * $s + $m2 * $t;
            $right[$j + 1] = $r1 = $m3 * $r + $m4 * $s + $m5 * $t;
            $right[$j + 2] = $r2 = $m6 * $r + $m7 * $s + $m8 * $t;
            $p = $parent[$i];
            if ($p < 0) {
                continue;
            }
            $pj = 3 * $p;
            for ($row = 0; $row < 3; $row++) {
                $q = $k + 3 * $row;
                $right[$pj + $row] -= $back[$q] * $r0 + $back[$q + 1] * $r1 + $back[$q + 2] * $r2;
            }
            for ($column = 0; $column < 3; $column++) {
                $q = $k + $column;
                [$a, $b, $c] = [$up[$q], $up[$q + 3], $up[$q + 6]];
                $up[$q] = $x = $m0 * $a + $m1 * $b + $m2 * $c;
                $up[$q + 3] = $y = $m3 * $a + $m4 * $b + $m5 * $c;
                $up[$q + 6] = $z = $m6 * $a + $m7 * $b + $m8 * $c;
                $pk = 9 * $p + $column;
                $own[$pk] -= $back[$k] * $x + $back[$k + 1] * $y + $back[$k + 2] * $z;
                $own[$pk + 3] -= $back[$k + 3] * $x + $back[$k + 4] * $y + $back[$k + 5] * $z;
                $own[$pk + 6] -= $back[$k + 6] * $x + $back[$k + 7] * $y + $back[$k + 8] * $z;
            }
        }
        for ($i = 1; $i < $count; $i++) {
            $p = 3 * $parent[$i];
            if ($p < 0) {
                continue;
            }
            $j = 3 * $i;
            $k = 9 * $i;
            [$x, $y, $z] = [$right[$p], $right[$p + 1], $right[$p + 2]];
            $right[$j] -= $up[$k] * $x + $up[$k + 1] * $y + $up[$k + 2] * $z;
            $right[$j + 1] -= $up[$k + 3] * $x + $up[$k + 4] * $y + $up[$k + 5] * $z;
            $right[$j + 2] -= $up[$k + 6] * $x + $up[$k + 7] * $y + $up[$k + 8] * $z;
        }

        return $right;
    }

    /**
     * @param  array<int, float>  $moves
     * @return float m: the largest of them; infinite where they are no numbers
     */
    public static function farthest(array $moves): float
    {
        $far = 0.0;
        foreach ($moves as $move) {
            $size = $move < 0.0 ? -$move : $move;
            if (! ($size <= $far)) {
                $far = is_nan($size) ? INF : $size;
            }
        }

        return $far;
    }
}
