<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Cure;

/** What a cure changes. */
enum CureKind: string
{
    /** One line's let-out, cable, colours or height above the ball. */
    case SetControl = 'set_control';
    /** How far out a board rides. */
    case SetBoardOut = 'set_board_out';
    /** Two lines change holders. */
    case SwapHolders = 'swap_holders';
    /** A line stays in the boat. */
    case TakeOut = 'take_out';
    /** Another lure that swims alike, in a finish no line has. */
    case ChangeLure = 'change_lure';
}
