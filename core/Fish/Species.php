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

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
