<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion\Internal;

/** The nodes of a network at a time of the course, over the ground. */
final readonly class State
{
    /**
     * @param  float  $time  s
     * @param  array<int, float>  $places  m north, east, down of each node
     * @param  array<int, float>  $speeds  m/s
     * @param  array<int, float>  $pull  N in each node's link
     */
    public function __construct(public float $time, public array $places, public array $speeds, public array $pull)
    {
    }

    /**
     * Between this state and a later one, by the cubic that has the places and speeds of both.
     *
     * @return array{array<int, float>, array<int, float>} m and m/s, three to a node
     */
    public function between(self $next, float $time): array
    {
        $lasts = $next->time - $this->time;
        if ($lasts <= 0.0) {
            return [$next->places, $next->speeds];
        }
        $u = ($time - $this->time) / $lasts;
        $v = 1.0 - $u;
        [$a, $b] = [$v * $v * (1.0 + 2.0 * $u), $u * $u * (3.0 - 2.0 * $u)];
        [$c, $d] = [$u * $v * $v * $lasts, -$u * $u * $v * $lasts];
        $steep = 6.0 * $u * $v / $lasts;
        [$e, $f] = [$v * (1.0 - 3.0 * $u), $u * (3.0 * $u - 2.0)];
        $places = $speeds = [];
        foreach ($this->places as $i => $from) {
            [$to, $was, $is] = [$next->places[$i], $this->speeds[$i], $next->speeds[$i]];
            $places[] = $a * $from + $b * $to + $c * $was + $d * $is;
            $speeds[] = $steep * ($to - $from) + $e * $was + $f * $is;
        }

        return [$places, $speeds];
    }
}
