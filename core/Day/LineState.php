<?php

declare(strict_types=1);

namespace Admek\Core\Day;

/** How a rod's line stands. */
enum LineState: string
{
    case InBoat = 'in_boat';
    case Fishing = 'fishing';
    case FishOn = 'fish_on';
    case Fouled = 'fouled';
}
