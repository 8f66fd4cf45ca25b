<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

/** How cut bait is toughened: schools differ, and none is a school too. */
enum BaitCure: string
{
    /** Overnight in salt: toughest, keeps longest. */
    case Salt = 'salt';
    /** Six to twelve hours in brine: firm and bright. */
    case Brine = 'brine';
    /** Cut fresh from the thaw: softest, most scent. */
    case Fresh = 'fresh';

    public function word(): string
    {
        return match ($this) {
            self::Salt => 'in salt overnight',
            self::Brine => 'in brine',
            self::Fresh => 'cut fresh',
        };
    }
}
