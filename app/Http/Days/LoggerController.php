<?php

declare(strict_types=1);

namespace App\Http\Days;

use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Unit;
use App\Days\LoggerTrace;
use App\Http\Within;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\Trip;
use App\Rigging\Locker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** A clip-on logger's trace looked at, and kept as soundings. */
final class LoggerController
{
    /** min a clock may be off, either way. */
    private const OFF = [-1500, 1500];

    public function show(Request $request, Trip $trip, Boat $boat): JsonResponse
    {
        $trace = self::trace($request, $trip, $boat);

        return new JsonResponse([
            'unit' => $trace->file->unit, 'guessed' => $trace->file->guessed, 'rows' => count($trace->file->points),
            'bad_rows' => $trace->file->bad,
            'readings' => array_map(static fn (array $one): array => [
                'from' => Moment::told($one['from']), 'until' => Moment::told($one['until']),
                'depth' => $one['depth'], 'count' => $one['count'], 'says' => $one['says'],
            ], $trace->readings),
        ], options: JSON_PRESERVE_ZERO_FRACTION);
    }

    public function store(Request $request, Trip $trip, Boat $boat, Track $track, SpreadSolver $solver): JsonResponse
    {
        return new JsonResponse(['soundings' => self::trace($request, $trip, $boat)->keep($track, $solver)]);
    }

    private static function trace(Request $request, Trip $trip, Boat $boat): LoggerTrace
    {
        $told = $request->validate([
            'holder_id' => ['required', 'integer:strict'], 'text' => ['required', 'string', 'max:900000'],
            'depth_unit' => ['nullable', Rule::in(Unit::names(Quantity::Depth))],
            'offset' => ['nullable', 'numeric:strict', Within::range(self::OFF)],
        ]);

        return LoggerTrace::of(
            $trip, $boat, Locker::ever($boat)->holder($told['holder_id'])->code, $told['text'], $told['depth_unit'] ?? null,
            60.0 * (float) ($told['offset'] ?? 0.0),
        );
    }
}
