<?php

declare(strict_types=1);

namespace App\Http\Instruments;

use Admek\Core\Instruments\SpeedCheck;
use App\Http\Days\Moment;
use App\Http\Days\NewEvent;
use App\Instruments\Track;
use App\Models\Boat;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The speed log held against the ground on two runs that were just made; nothing is kept of it. */
final class SpeedCheckController
{
    public function __invoke(Request $request, Boat $boat, Track $track): JsonResponse
    {
        $moment = ['required', 'string', NewEvent::MOMENT];
        $runs = $request->validate(array_fill_keys(['out.from', 'out.to', 'back.from', 'back.to'], $moment));
        $samples = array_map(
            static fn (array $run): array => SpeedCheck::samples(
                $track->between(Moment::seconds($run['from']), Moment::seconds($run['to'])), $boat->log_factor,
            ), $runs,
        );
        $check = SpeedCheck::of($samples['out'], $samples['back']);

        return new JsonResponse([
            'factor' => $check->factor, 'factor_error' => $check->factorError,
            'drift' => hypot(...$check->current), 'set' => $check->set(), 'current_error' => $check->currentError,
            'samples' => ['out' => count($samples['out']), 'back' => count($samples['back'])],
        ], options: JSON_PRESERVE_ZERO_FRACTION);
    }
}
