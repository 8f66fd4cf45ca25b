<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Day\Day;
use Admek\Core\Day\EventKind;
use Admek\Core\Trip\Stores;
use App\Models\Boat;
use App\Models\Trip;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** What a day used up: told with its end, and put back aboard where that is taken back. */
final class StoresUsed
{
    /**
     * @param  array<array-key, float>  $left  of what was counted when it ended, as it is counted
     * @return array{left?: array<array-key, float>, used?: array<array-key, float>}
     */
    public static function of(Boat $boat, array $left): array
    {
        return $left === [] ? [] : ['left' => $left, 'used' => Stores::used($boat->stores ?? [], $left)];
    }

    /** A trip's end as its day has it now, and what is aboard by that. */
    public static function write(Trip $trip, Day $day): void
    {
        $ended = $day->last(EventKind::Ended);
        $at = $ended === null ? null : gmdate('Y-m-d H:i:s', (int) $ended->at);
        if ($at === $trip->ended_at?->utc()->format('Y-m-d H:i:s')) {
            return;
        }
        $boat = Boat::query()->findOrFail($trip->boat_id);
        $aboard = $boat->stores ?? [];
        if ($ended !== null) {
            $aboard = self::amounts($ended->tells['left'] ?? null) + $aboard;
        } else {
            /** @var array<string, mixed> $tells */
            $tells = json_decode((string) DB::table('events')->where('trip_id', $trip->id)->where(
                'kind', EventKind::Ended->value,
            )->orderByDesc('id')->value('tells'), true) ?? [];
            foreach (self::amounts($tells['used'] ?? null) as $item => $amount) {
                $aboard[$item] = ($aboard[$item] ?? 0.0) + $amount;
            }
        }
        $boat->update(['stores' => $aboard]);
        $trip->update(['ended_at' => $at === null ? null : Carbon::parse($at, 'UTC')]);
    }

    /** @return array<string, float> */
    private static function amounts(mixed $told): array
    {
        $amounts = [];
        foreach (is_array($told) ? $told : [] as $item => $amount) {
            if (is_numeric($amount)) {
                $amounts[(string) $item] = (float) $amount;
            }
        }

        return $amounts;
    }
}
