<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

/** When a rig goes in beside others: from the outside in, or the deepest first. */
enum SettingRank
{
    case Board;
    case Middle;
    case Diver;
    /** A stacked release is set as the ball goes down, right after the one at the ball. */
    case Rigger;

    /** Its turn where boards go first. */
    public function boardsFirst(): int
    {
        return match ($this) {
            self::Board => 0,
            self::Middle => 1,
            self::Diver => 2,
            self::Rigger => 3,
        };
    }

    /** Its turn where riggers go first. */
    public function riggersFirst(): int
    {
        return match ($this) {
            self::Rigger => 0,
            self::Diver => 1,
            self::Board => 2,
            self::Middle => 3,
        };
    }
}
