<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

/** Why a holder has no line in a draft. */
enum LeftOut
{
    case Limit;
    case Gear;
    case Fouls;

    public function words(): string
    {
        return match ($this) {
            self::Limit => 'stays in: the line limit is reached',
            self::Gear => 'stays in: nothing aboard suits it',
            self::Fouls => 'stays in: wherever it runs it fouls another',
        };
    }
}
