<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Plan;

/** Which lines go in first; captains differ, and both have their reason. */
enum SettingSchool: string
{
    /** Farthest boards first, working in, riggers last: each line is let out inside those already set. */
    case BoardsFirst = 'boards_first';
    /** Riggers first, then divers: the deep gear fishes while the boards go out over it. */
    case RiggersFirst = 'riggers_first';

    public function word(): string
    {
        return str_replace('_', ' ', $this->value);
    }

    public function why(): string
    {
        return match ($this) {
            self::BoardsFirst => 'farthest out first, riggers last: each line goes out inside those already set',
            self::RiggersFirst => 'the deep gear fishes while boards go out over it',
        };
    }
}
