<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

/** What of a line is chosen, not typed. */
enum Pick: string
{
    /** Stands where it stands: shown, not chosen. */
    case Boom = 'boom';
    case RidesOn = 'rides_on';
    case Board = 'board';
    case Reel = 'reel';
    case Ball = 'ball';
    case Diver = 'diver';
    case DialSide = 'dial_side';
    case Attractor = 'attractor';
    case Leader = 'leader';
    case Lure = 'lure';
}
