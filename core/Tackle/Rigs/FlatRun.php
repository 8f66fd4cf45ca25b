<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\Units\Units;

/** How far behind a line with nothing on it but its lure is run. */
enum FlatRun: string
{
    case Flat = 'flat';
    /** Short, in the boat's own wash: muskie come to it. */
    case Wash = 'wash';
    /** Straight down beside the boat, the rod's tip at the water. */
    case DownRod = 'down_rod';

    /** m of let-out, rod tip to lure */
    public function least(): float
    {
        return $this === self::DownRod ? 1.0 : 2.0;
    }

    /** m */
    public function most(): float
    {
        return match ($this) {
            self::Flat => 150.0,
            self::Wash => 12.0,
            self::DownRod => 10.0,
        };
    }

    /** m: a boat that thinks in feet */
    public function step(): float
    {
        return $this === self::Flat ? 5 * Units::FOOT : Units::FOOT;
    }

    /** m: a metric boat */
    public function metricStep(): float
    {
        return $this === self::Flat ? 1.0 : 0.25;
    }
}
