<?php

declare(strict_types=1);

namespace Admek\Core\Spread;

/** What can be wrong with a spread as it runs. */
enum BreachKind: string
{
    /** More lines than the captain entered as allowed. */
    case LineCount = 'line_count';
    /** Two lines come too close under water, or their front lines over it. */
    case Tangle = 'tangle';
    /** A farther board held aft of a nearer one, whose line it then crosses. */
    case HolderOrder = 'holder_order';
    /** Two boards of a side ride too close. */
    case Neighbours = 'neighbours';
    /** A lure, ball or diver that touches bottom, or may within its doubt. */
    case Bottom = 'bottom';
    /** A board pulled under by what trails it. */
    case BoardUnder = 'board_under';
    /** A lure held at the surface. */
    case Surfaced = 'surfaced';
    /** A long stretch of a target band without a lure. */
    case Bare = 'bare';
    /** The same lure on two lines. */
    case Duplicate = 'duplicate';
}
