<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

use Admek\Core\Towing\Side;

/** Which way she turns. */
enum TurnState
{
    case Straight;
    case ToPort;
    case ToStarboard;

    /** @param  float  $rate  °/s to starboard; what is hardly a turn is told as none where it is read */
    public static function of(float $rate): self
    {
        return match (true) {
            $rate > 0.0 => self::ToStarboard,
            $rate < 0.0 => self::ToPort,
            default => self::Straight,
        };
    }

    /** How it is for a line of a side: inside it slows and sinks. */
    public function on(?Side $side): string
    {
        return match (true) {
            $this === self::Straight => 'straight',
            $side === null => 'turning',
            default => ($this === self::ToPort) === ($side === Side::Port) ? 'inside of a turn' : 'outside of a turn',
        };
    }
}
