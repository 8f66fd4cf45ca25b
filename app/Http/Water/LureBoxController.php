<?php

declare(strict_types=1);

namespace App\Http\Water;

use Admek\Core\Patterns\Fished;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;
use Admek\Core\Water\BaitSchools;
use Admek\Core\Water\Box\LureBox;
use Admek\Core\Water\Box\RankedLure;
use App\Models\Boat;
use App\Models\Trip;
use App\Reading\LuresForToday;
use App\Reading\Season\ForTomorrow;
use App\Reading\TripWater;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The lure box put in order for a trip's water, hour by hour. */
final class LureBoxController
{
    public function show(Request $request, Trip $trip, Boat $boat, Fished $season): JsonResponse
    {
        $hour = $request->query('hour');
        $water = TripWater::of($trip, $boat);
        $record = ForTomorrow::of($season, $trip, $boat)->patterns;
        $lures = LuresForToday::of($water, $record, is_string($hour) && ctype_digit($hour) ? (int) substr($hour, 0, 3) : 0);
        $first = LureBox::firstFour($lures->order);
        $next = LureBox::whenTheyDoNot($lures->order, $first);
        $id = static fn (RankedLure $one): int => $lures->ids[$one->boxed->lure->name];
        $units = Units::from($boat->units);

        return new JsonResponse([
            'hour' => $lures->hour,
            'hours' => array_map(
                static fn (array $row): string => CarbonImmutable::createFromTimestamp($row['time'], $boat->timezone)
                    ->format('H:i'),
                $water->schedule,
            ),
            'first' => array_map($id, $first),
            'next' => $next === null ? null : $id($next),
            'order' => array_map(static fn (RankedLure $one): array => [
                'lure' => $id($one), 'points' => round($one->score, 2),
                'reasons' => array_map(static fn (Sentence $reason): string => $reason->in($units), $one->reasons),
                'bites' => $one->boxed->record->bites ?? 0, 'hours' => round($one->boxed->record->hours ?? 0.0, 2),
            ], $lures->order),
            'schools' => BaitSchools::advice($water->signs, $trip->choices['schools']['bait'] ?? null)->schools ?? [],
        ], options: JSON_PRESERVE_ZERO_FRACTION);
    }
}
