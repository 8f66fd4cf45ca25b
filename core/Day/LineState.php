<?php

declare(strict_types=1);

namespace Admek\Core\Day;

/** How a rod's line stands. */
enum LineState: string
{
    case InBoat = 'in_boat';
    case Fishing = 'fishing';
    case FishOn = 'fish_on';
    case Fouled = 'fouled';

    /** Whether it is in the water, and can be crossed. */
    public function isOut(): bool
    {
        return $this === self::Fishing || $this === self::FishOn;
    }

    public function words(): string
    {
        return match ($this) {
            self::InBoat => 'in the boat',
            self::Fishing => 'fishing',
            self::FishOn => 'fish on',
            self::Fouled => 'fouled',
        };
    }

    /** @return list<EventKind> what is told of a line that stands so, the likeliest first */
    public function takes(): array
    {
        return match ($this) {
            self::InBoat => [EventKind::Out, EventKind::LetOut, EventKind::Swap],
            self::Fishing => [
                EventKind::Bite, EventKind::Checked, EventKind::LetOut, EventKind::Swap, EventKind::Sounding, EventKind::Fouled,
                EventKind::In,
            ],
            self::FishOn => [EventKind::Landed, EventKind::Lost, EventKind::Missed],
            self::Fouled => [EventKind::Checked, EventKind::In, EventKind::GearLost],
        };
    }
}
