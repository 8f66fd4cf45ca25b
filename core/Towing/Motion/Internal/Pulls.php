<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion\Internal;

/** What links pull with: by their stretch, never a push. */
final class Pulls
{
    /** N at which a link would be twice as long. */
    public const STIFFNESS = 1e5;

    /**
     * @param  array<int, float>  $moves  m, three to a node
     * @param  array<int, float>  $tangents  three to a link
     * @param  array<int, float>  $stretched  N by the stretch before the moves
     * @return array<int, float> N in each node's link
     */
    public static function after(Network $network, array $moves, array $tangents, array $stretched): array
    {
        $pull = [];
        foreach ($network->parent as $i => $parent) {
            $j = 3 * $i;
            [$x, $y, $z] = [-$moves[$j], -$moves[$j + 1], -$moves[$j + 2]];
            if ($parent !== Network::BOAT) {
                $b = 3 * $parent;
                $arm = $network->arm[$i];
                [$x, $y, $z] = [$x + $arm * $moves[$b], $y + $arm * $moves[$b + 1], $z + $arm * $moves[$b + 2]];
            }
            $longer = $tangents[$j] * $x + $tangents[$j + 1] * $y + $tangents[$j + 2] * $z;
            $pull[] = max(0.0, $stretched[$i] + self::STIFFNESS / $network->length[$i] * $longer);
        }

        return $pull;
    }
}
