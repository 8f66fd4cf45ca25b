<?php

declare(strict_types=1);

namespace Admek\Core\Spread;

/** What a cure changes. */
enum CureKind: string
{
    /** One line's let-out, cable or colours. */
    case SetControl = 'set_control';
    /** How far out a board rides. */
    case SetBoardOut = 'set_board_out';
    /** Two lines change holders. */
    case SwapHolders = 'swap_holders';
}
