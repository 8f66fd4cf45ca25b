<?php

declare(strict_types=1);

namespace App\Http\Previews;

use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\TrueUp\Learnt;
use Admek\Core\TrueUp\NextSounding;
use Admek\Core\TrueUp\TrueUp;
use Admek\Core\Units\Units;
use App\Http\Asked\AskedSpread;
use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\Locker;
use Illuminate\Http\JsonResponse;

/** Which line to sound next. */
final class NextSoundingController
{
    public function __invoke(PreviewRequest $request, Spread $spread, Boat $boat): JsonResponse
    {
        $asked = AskedSpread::of($request, $spread, $boat);
        $learnt = Locker::of($asked->boat, $asked->trip)->sounded?->learnt($asked->trip)
            ?? new Learnt(TrueUp::of([]), (string) $asked->trip->id);
        $lines = $asked->plan->lines;
        $next = NextSounding::of($learnt->known, $lines, array_map(
            static fn (int $i, PlannedLine $line): array => $learnt->owners($asked->plan->described[$i], $line->rig),
            array_keys($lines), $lines,
        ), $asked->conditions);

        return new JsonResponse(['next' => $next === null ? null : [
            'holder' => $next->holder, 'depth' => $next->depth, 'before' => $next->before, 'after' => $next->after,
            'says' => $next->says()->in(Units::from($boat->units)),
        ]], options: JSON_PRESERVE_ZERO_FRACTION);
    }
}
