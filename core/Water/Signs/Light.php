<?php

declare(strict_types=1);

namespace Admek\Core\Water\Signs;

/** How much light there is, by the sun's height and the cloud. */
enum Light: string
{
    case Dark = 'dark';
    case Low = 'low sun';
    case High = 'high sun';
    case Clouded = 'under cloud';

    /** Degrees below the horizon at which civil twilight ends. */
    private const TWILIGHT = -6.0;

    /**
     * @param  float  $elevation  ° the sun stands above the horizon
     * @param  float  $high  ° from which it stands high
     */
    public static function of(float $elevation, ?Sky $sky, float $high): self
    {
        return match (true) {
            $elevation < self::TWILIGHT => self::Dark,
            $sky === Sky::Overcast => self::Clouded,
            default => $elevation < $high ? self::Low : self::High,
        };
    }
}
