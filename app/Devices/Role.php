<?php

declare(strict_types=1);

namespace App\Devices;

/** Who a device is aboard. */
enum Role: string
{
    case Captain = 'captain';
    case Mate = 'mate';
    case Guest = 'guest';

    public function may(Ability $what): bool
    {
        return match ($this) {
            self::Captain => true,
            self::Mate => ! in_array($what, [Ability::Plan, Ability::Devices], true),
            self::Guest => $what === Ability::Look,
        };
    }

    /** In a few words, for who chooses one. */
    public function words(): string
    {
        return match ($this) {
            self::Captain => 'everything, other devices too',
            self::Mate => 'lines, the log, chores and stores',
            self::Guest => 'looks on at the trip under way and those of today; no place on the ground unless you allow it',
        };
    }
}
