<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

/** How a figure of a moment that is kept came to be known. */
enum HowKnown: string
{
    case Read = 'read';
    case Typed = 'typed';
    case Planned = 'planned';
    case Unknown = 'unknown';
}
