<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

/** What the speed that depths are for is known by, the best first. */
enum SpeedBy: string
{
    case Log = 'log';
    case Ground = 'ground';
    case Told = 'told';
    case Planned = 'planned';

    /** Whether it is read, not told. */
    public function isRead(): bool
    {
        return $this === self::Log || $this === self::Ground;
    }

    public function words(): string
    {
        return match ($this) {
            self::Log => 'through the water',
            self::Ground => 'over the ground',
            self::Told => 'as told',
            self::Planned => 'planned',
        };
    }
}
