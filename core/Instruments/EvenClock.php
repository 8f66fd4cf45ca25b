<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

/**
 * A clock that goes on evenly: neither set back nor, when the machine slept, standing still. Seconds asleep count, so that what
 * was heard before is old when it wakes.
 */
final class EvenClock
{
    /** s by which the clock on the wall may run ahead before it is believed that the machine slept. */
    private const SLEPT = 2.0;

    private float $asleep = 0.0;

    /** @var ?array{float, float} */
    private ?array $last = null;

    /**
     * @param  float  $awake  s the machine has run, asleep not counted
     * @param  float  $wall  s since 1970 UTC, as the machine has it
     * @return float s from any beginning
     */
    public function at(float $awake, float $wall): float
    {
        if ($this->last !== null) {
            $ahead = ($wall - $this->last[1]) - ($awake - $this->last[0]);
            $this->asleep += $ahead > self::SLEPT ? $ahead : 0.0;
        }
        $this->last = [$awake, $wall];

        return $awake + $this->asleep;
    }
}
