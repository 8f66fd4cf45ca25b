<?php

declare(strict_types=1);

namespace Admek\Core\Records;

/** How a depth was seen. */
enum SoundingMethod: string
{
    case Bottom = 'bottom';
    case Sonar = 'sonar';
    case Logger = 'logger';

    public function word(): string
    {
        return match ($this) {
            self::Bottom => 'touched bottom',
            self::Sonar => 'seen on sonar',
            self::Logger => 'depth logger',
        };
    }
}
