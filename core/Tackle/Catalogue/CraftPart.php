<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

/** What is told of how a rig is fished, in the order of the day. */
enum CraftPart: string
{
    case LettingOut = 'letting_out';
    case LooksRight = 'looks_right';
    case Checks = 'checks';
    case Drag = 'drag';
    case Taken = 'taken';
    case Stowed = 'stowed';
    case GoesWrong = 'goes_wrong';

    /** Most letters a captain's own words have. */
    public const MOST = 500;

    public function title(): string
    {
        return match ($this) {
            self::LettingOut => 'Letting out',
            self::LooksRight => 'What right looks like',
            self::Checks => 'Checks',
            self::Drag => 'Drag',
            self::Taken => 'How the bite is taken',
            self::Stowed => 'Stowed',
            self::GoesWrong => 'What goes wrong, and why',
        };
    }
}
