<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

/** Why a holder has no line in a draft. */
enum LeftOut
{
    case Limit;
    case Gear;
    case Taken;
    case Lure;
    case Fouls;

    public function words(): string
    {
        return match ($this) {
            self::Limit => 'stays in: the line limit is reached',
            self::Gear => 'stays in: nothing aboard suits it',
            self::Taken => 'stays in: what it would be rigged with is on other rods',
            self::Lure => 'stays in: no lure that suits is left for it',
            self::Fouls => 'stays in: wherever it runs it fouls another',
        };
    }
}
