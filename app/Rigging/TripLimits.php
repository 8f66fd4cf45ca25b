<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\Spread\SpreadLimits;
use App\Models\TargetBand;
use App\Models\Trip;

/** What a trip's spread is held to, from what the captain entered. */
final class TripLimits
{
    public static function of(Trip $trip): SpreadLimits
    {
        return new SpreadLimits(
            $trip->line_limit,
            $trip->bottom,
            $trip->bands->mapWithKeys(static fn (TargetBand $band): array => [$band->species => [$band->top, $band->bottom]])->all(),
        );
    }
}
