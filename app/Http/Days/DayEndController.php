<?php

declare(strict_types=1);

namespace App\Http\Days;

use App\Days\DayEnd;
use App\Models\Boat;
use App\Models\Trip;
use Illuminate\Http\JsonResponse;

/** The end of a day: what of it is left to tell. */
final class DayEndController
{
    public function __invoke(Trip $trip, Boat $boat): JsonResponse
    {
        $moment = static fn (?float $at): ?string => $at === null ? null : Moment::told($at);
        $told = (new DayEnd($trip, $boat))->told((float) now()->format('U.v'));
        foreach (['ended', 'first', 'last'] as $when) {
            $told[$when] = $moment($told[$when]);
        }
        $dated = static fn (array $one): array => ['at' => $moment($one['at'])] + $one;
        $told['unfinished'] = array_map($dated, $told['unfinished']);
        $told['soundings']['asked'] = array_map($dated, $told['soundings']['asked']);

        return new JsonResponse($told, options: JSON_PRESERVE_ZERO_FRACTION);
    }
}
