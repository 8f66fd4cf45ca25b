<?php

declare(strict_types=1);

namespace Admek\Core\Fish;

/** The species Admek knows the habits of. */
enum Species: string
{
    case King = 'king';
    case Coho = 'coho';
    case Steelhead = 'steelhead';
    case LakeTrout = 'lake_trout';
    case BrownTrout = 'brown_trout';
    case Walleye = 'walleye';
    case Muskie = 'muskie';

    /** Those that come after a lure to the boat, and look. */
    public function follows(): bool
    {
        return $this === self::Muskie;
    }

    /** Those that run up rivers, and hold there. */
    public function runsRivers(): bool
    {
        return in_array($this, [self::King, self::Coho, self::Steelhead], true);
    }

    /** Salmon and trout, which cold water brings inshore. */
    public function isSalmonid(): bool
    {
        return $this->runsRivers() || $this === self::LakeTrout || $this === self::BrownTrout;
    }

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
