<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use Admek\Core\Files\TowCaseFile;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Towing\TowLine;
use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\Locker;
use Illuminate\Http\JsonResponse;

/** "Why this number": a spread as the solver's open file, for `./admek tow` or any other solver. */
final class TowCaseController
{
    public function __invoke(Spread $spread, Boat $boat): JsonResponse
    {
        $trip = $spread->trip()->firstOrFail();
        $conditions = $trip->conditions($spread->speed);
        $case = TowCaseFile::of(
            $conditions->water(), null,
            array_map(
                static fn (PlannedLine $line): TowLine => $line->towLine($conditions->density),
                Locker::of($boat->asOn($trip))->plan($spread->rows())->lines,
            ),
        );

        return new JsonResponse(
            $case,
            200,
            ['Content-Disposition' => "attachment; filename=\"spread-{$spread->id}.tow.json\""],
            JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
