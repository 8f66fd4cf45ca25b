<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

/** The boat's side, looking forward. */
enum Side: string
{
    case Port = 'port';
    case Starboard = 'starboard';

    /** −1 to port, +1 to starboard: the sign of y in the towing frame. */
    public function sign(): int
    {
        return $this === self::Port ? -1 : 1;
    }
}
