<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Tackle\Catalogue\Leads;

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
    case OnBottom;
    case InTheWash;
    case BesideTheBoat;
    case LongBehind;

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
            self::OnBottom => 'Ticking bottom close to the boat',
            self::InTheWash => 'Short, in the wash',
            self::BesideTheBoat => 'Straight down beside the boat',
            self::LongBehind => 'Long behind the boat',
        };
    }

    /** Of which school of muskie leads it is; null for what neither is about. */
    public function lead(): ?Leads
    {
        return match ($this) {
            self::InTheWash, self::BesideTheBoat => Leads::Short,
            self::LongBehind, self::OutsideBoard, self::InsideBoard, self::Middle => Leads::Long,
            default => null,
        };
    }
}
