<?php

declare(strict_types=1);

namespace Admek\Core\Records;

use Admek\Core\Units\Units;

/** How a depth was seen. */
enum SoundingMethod: string
{
    case Bottom = 'bottom';
    case Sonar = 'sonar';
    case Logger = 'logger';
    case Typed = 'typed';

    /** m, one standard deviation of what is read so. */
    public function deviation(): float
    {
        return Units::FOOT * match ($this) {
            self::Bottom, self::Sonar => 1.0,
            self::Logger => 0.5,
            self::Typed => 1.5,
        };
    }

    public function word(): string
    {
        return match ($this) {
            self::Bottom => 'touched bottom',
            self::Sonar => 'seen on sonar',
            self::Logger => 'depth logger',
            self::Typed => 'read otherwise',
        };
    }
}
