<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

/** How far behind the boat muskie lures are run: short in the wash, long, and both are schools of practice. */
enum Leads: string
{
    case Short = 'short';
    case Long = 'long';
    case Mixed = 'mixed';

    public function why(): string
    {
        return match ($this) {
            self::Short => 'churned water draws them, and a short line sets the hook',
            self::Long => 'away from the boat they have forgotten it',
            self::Mixed => 'let the fish say',
        };
    }
}
