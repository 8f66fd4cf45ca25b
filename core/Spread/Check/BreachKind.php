<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

/** What can be wrong with a spread as it runs. */
enum BreachKind: string
{
    /** More lines than the captain entered as allowed. */
    case LineCount = 'line_count';
    /** Two lines come too close under water, or their front lines over it. */
    case Tangle = 'tangle';
    /** A line let out across one that is already set. */
    case SettingCross = 'setting_cross';
    /** A farther board held aft of a nearer one, whose line it then crosses. */
    case HolderOrder = 'holder_order';
    /** Two boards of a side ride too close. */
    case Neighbours = 'neighbours';
    /** A lure, ball or diver that touches bottom, or may within its doubt. */
    case Bottom = 'bottom';
    /** A board pulled under by what trails it. */
    case BoardUnder = 'board_under';
    /** A board dragged back toward the boat by what trails it. */
    case BoardLaidBack = 'board_laid_back';
    /** A line with no steady run: too tight a turn for it, or nothing to pull it straight. */
    case Unsteady = 'unsteady';
    /** A lure held at the surface. */
    case Surfaced = 'surfaced';
    /** A line that cannot get down to the depth it was asked to run at. */
    case OutOfReach = 'out_of_reach';
    /** More line out than the reel holds. */
    case Spooled = 'spooled';
    /** A long stretch of a target band without a lure. */
    case Bare = 'bare';
    /** Two lures at one depth of a band while other feet of it are bare. */
    case Doubled = 'doubled';
    /** The same finish on two lines. */
    case Duplicate = 'duplicate';

    /** Whether gear may be lost by it, so that no cure may bring another of it. */
    public function isGrave(): bool
    {
        return ! in_array($this, [
            self::LineCount, self::Bare, self::Doubled, self::Duplicate, self::OutOfReach, self::Spooled,
        ], true);
    }
}
