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

    /** Days within which the calendar's quarters do not part two waters. */
    private const NEAR = 10;

    /**
     * @param  int  $month  1 to 12
     * @param  ?float  $latitude  degrees; north of the line where nobody said
     */
    public static function of(int $month, ?float $latitude = null): self
    {
        $northern = ($latitude ?? 0.0) >= 0.0 ? $month : ($month + 5) % 12 + 1;

        return match (intdiv($northern % 12, 3)) {
            0 => self::Winter,
            1 => self::Spring,
            2 => self::Summer,
            default => self::Autumn,
        };
    }

    /**
     * Whether waters read in it and in another one are alike in what season does to them.
     *
     * @param  int  $days  between them
     */
    public function isAlike(self $other, int $days): bool
    {
        return $this === $other || abs($days) <= self::NEAR;
    }
}
