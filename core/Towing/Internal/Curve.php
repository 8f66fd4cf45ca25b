<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

/** Records a marched curve with points at most a grain apart. */
final class Curve
{
    /** @var list<array{float, float, float}> */
    public array $points;

    /**
     * @param  array{float, float, float}  $start  m
     * @param  float  $grain  m
     */
    public function __construct(array $start, public readonly float $grain)
    {
        $this->points = [$start];
    }

    /**
     * Adds a step: points between its ends by cubic Hermite interpolation of their tangents, and its end.
     *
     * @param  float  $h  length of the step, m
     * @param  array{float, float, float}  $force  where it starts; the line runs against it
     * @param  array{float, float, float}  $step  from its start to its end, m
     * @param  array{float, float, float}  $nextForce  where it ends
     */
    public function add(float $h, array $force, array $step, array $nextForce): void
    {
        [$x, $y, $z] = $this->points[count($this->points) - 1];
        $pull = sqrt($force[0] ** 2 + $force[1] ** 2 + $force[2] ** 2);
        $nextPull = sqrt($nextForce[0] ** 2 + $nextForce[1] ** 2 + $nextForce[2] ** 2);
        $parts = (int) ceil($h / $this->grain);
        for ($i = 1; $i < $parts; $i++) {
            $s = $i / $parts;
            $whole = $s * $s * (3 - 2 * $s);
            $start = -$h * $s * (1 - $s) * (1 - $s) / $pull;
            $end = $h * $s * $s * (1 - $s) / $nextPull;
            $this->points[] = [
                $x + $whole * $step[0] + $start * $force[0] + $end * $nextForce[0],
                $y + $whole * $step[1] + $start * $force[1] + $end * $nextForce[1],
                $z + $whole * $step[2] + $start * $force[2] + $end * $nextForce[2],
            ];
        }
        $this->points[] = [$x + $step[0], $y + $step[1], $z + $step[2]];
    }
}
