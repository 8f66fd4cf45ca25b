<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\InvalidValue;
use App\Files\TimelineCalendar;
use App\Models\Boat;
use App\Models\Trip;
use App\Preparing\Preparation;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Where a trip's preparation stands. */
final class PreparationController
{
    public function show(Request $request, Trip $trip, Boat $boat): JsonResponse
    {
        return self::answer($trip, $boat, $request);
    }

    public function calendar(Trip $trip, Boat $boat): Response
    {
        return new Response(TimelineCalendar::of(Preparation::of($trip, $boat), CarbonImmutable::now()), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"timeline-{$trip->date->format('Y-m-d')}.ics\"",
        ]);
    }

    /** The whole of it after any change, so that a page shows nothing that is past. */
    public static function answer(Trip $trip, Boat $boat, Request $request, int $status = 200): JsonResponse
    {
        $trip->unsetRelations();

        return new JsonResponse(
            PreparationResource::of(Preparation::of($trip, $boat->refresh()), self::now($request, $trip)),
            $status,
            options: JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    /** The port's clock as the asking device has it, in minutes after midnight of the trip's day. */
    private static function now(Request $request, Trip $trip): ?int
    {
        $now = $request->query('now');
        if ($now === null) {
            return null;
        }
        if (! is_string($now) || preg_match('/^\d{4}-\d\d-\d\dT([01]\d|2[0-3]):[0-5]\d$/', $now) !== 1) {
            throw InvalidValue::because('now', 'a day and clock time, YYYY-MM-DDTHH:MM');
        }

        return (int) round(CarbonImmutable::parse($trip->date->format('Y-m-d'))->diffInMinutes(CarbonImmutable::parse($now)));
    }
}
