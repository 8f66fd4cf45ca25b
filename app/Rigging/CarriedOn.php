<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\Spread\Plan\HolderFit;
use App\Models\Boat;
use App\Models\Spread;

/** The last spread's lines, to begin another trip's with: in the boat's holders as they are now. */
final class CarriedOn
{
    /**
     * @param  list<array<string, mixed>>  $rows  as it was planned, or fished
     * @return array{list<array<string, mixed>>, ?list<int>} rows, and the setting order where it still holds
     */
    public static function of(Spread $last, Boat $boat, array $rows): array
    {
        $then = $boat->asOn($last->trip()->firstOrFail());
        if ($then === $boat) {
            return [$rows, $last->setting_order];
        }
        $now = Locker::of($boat);
        [$lines] = HolderFit::moved(Locker::of($then)->lines($rows), $now->holders());

        return [$now->rows($lines), null];
    }
}
