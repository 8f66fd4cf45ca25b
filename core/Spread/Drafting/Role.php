<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

/** What a rod does in a drafted spread. */
enum Role
{
    case OutsideBoard;
    case InsideBoard;
    case WideDiver;
    case SteepDiver;
    case DeepRigger;
    case LongLeadRigger;
    case StackedRelease;
    case Middle;

    public function words(): string
    {
        return match ($this) {
            self::OutsideBoard => 'Outside board, farthest from the boat',
            self::InsideBoard => 'Inside board',
            self::WideDiver => 'Diver dialled wide',
            self::SteepDiver => 'Diver dialled steep',
            self::DeepRigger => 'Corner rigger on a short lead',
            self::LongLeadRigger => 'Shallow rigger on a long lead',
            self::StackedRelease => 'Stacked above a rigger’s ball',
            self::Middle => 'Down the middle',
        };
    }
}
