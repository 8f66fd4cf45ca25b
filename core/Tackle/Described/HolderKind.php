<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

/** What a holder takes. */
enum HolderKind: string
{
    case Rod = 'rod';
    /** A rigger's boom with its cable and counter. */
    case Boom = 'boom';

    /** As an error names it. */
    public function said(): string
    {
        return match ($this) {
            self::Rod => 'a holder that takes a rod',
            self::Boom => 'a holder with a rigger boom',
        };
    }
}
