<?php

declare(strict_types=1);

namespace Admek\Core\Water\Signs;

/** What lies between sun and water. */
enum Sky: string
{
    case Clear = 'clear';
    case Broken = 'broken';
    case Overcast = 'overcast';

    /** Share of the sky under cloud. */
    public function cloud(): float
    {
        return match ($this) {
            self::Clear => 0.0,
            self::Broken => 0.5,
            self::Overcast => 1.0,
        };
    }
}
