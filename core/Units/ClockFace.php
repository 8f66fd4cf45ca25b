<?php

declare(strict_types=1);

namespace Admek\Core\Units;

/** How the captain reads a time of day. */
enum ClockFace: string
{
    case Twelve = '12';
    case TwentyFour = '24';

    public function word(): string
    {
        return match ($this) {
            self::Twelve => '6:00 AM, 2:30 PM',
            self::TwentyFour => '06:00, 14:30',
        };
    }

    /** A minute after midnight, on whatever day it falls. */
    public function say(int $at): string
    {
        $at = (($at % 1440) + 1440) % 1440;
        [$hour, $minute] = [intdiv($at, 60), $at % 60];

        return match ($this) {
            self::Twelve => sprintf('%d:%02d %s', ($hour + 11) % 12 + 1, $minute, $hour < 12 ? 'AM' : 'PM'),
            self::TwentyFour => sprintf('%02d:%02d', $hour, $minute),
        };
    }
}
