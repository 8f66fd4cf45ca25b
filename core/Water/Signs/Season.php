<?php

declare(strict_types=1);

namespace Admek\Core\Water\Signs;

/** Quarters of the year as fish have them: by month, turned round south of the line. */
enum Season: string
{
    case Spring = 'spring';
    case Summer = 'summer';
    case Autumn = 'autumn';
    case Winter = 'winter';

    /** @param  int  $month  1 to 12 */
    public static function of(int $month, float $latitude = 45.0): self
    {
        $northern = $latitude >= 0.0 ? $month : ($month + 5) % 12 + 1;

        return match (intdiv($northern % 12, 3)) {
            0 => self::Winter,
            1 => self::Spring,
            2 => self::Summer,
            default => self::Autumn,
        };
    }
}
