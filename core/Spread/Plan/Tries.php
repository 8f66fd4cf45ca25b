<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Plan;

use Admek\Core\Units\Units;

/** What a captain is offered to try on a plan: speeds, turns and a current, from the likely to the far. */
final class Tries
{
    /** Radii to either side, wide first, m. */
    public const RADII = [600.0, 400.0, 300.0, 200.0, 150.0, 120.0, 100.0, 80.0, 60.0, 45.0, 30.0, 20.0];

    /** Fastest tried, as a share of the plan's speed; faster only by steps. */
    public const FASTER = 1.6;

    /** m/s a speed is set otherwise by. */
    public static function speedStep(Units $units): float
    {
        return $units === Units::Us ? 0.1 * Units::MPH : 0.1 / 3.6;
    }

    /** m at which a current is first tried at the gear. */
    public static function gearDepth(Units $units): float
    {
        return $units === Units::Us ? 80 * Units::FOOT : 25.0;
    }
}
