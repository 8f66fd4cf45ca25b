<?php

declare(strict_types=1);

namespace App\Http\Locker;

use Admek\Core\Records\CounterCheck;
use Admek\Core\Units\Units;
use App\Models\Boat;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Counters held against a tape. */
final class CounterController
{
    /** A reel's, which is kept. */
    public function update(Request $request, int $id, Boat $boat): JsonResponse
    {
        $reel = $boat->reels()->findOrFail($id);
        $check = self::asked($request);
        $reel->update(['counter_calibrated' => true, 'counter_factor' => $check->factor]);

        return self::told($check, $boat);
    }

    /** A rigger's, which is kept with the boat: what it does to spreads planned is said first. */
    public function check(Request $request, Boat $boat): JsonResponse
    {
        return self::told(self::asked($request), $boat);
    }

    private static function asked(Request $request): CounterCheck
    {
        $entered = $request->validate(['pulled' => ['required', 'numeric:strict'], 'read' => ['required', 'numeric:strict']]);

        return CounterCheck::of((float) $entered['pulled'], (float) $entered['read']);
    }

    private static function told(CounterCheck $check, Boat $boat): JsonResponse
    {
        return new JsonResponse(['factor' => $check->factor, 'says' => $check->says()->in(Units::from($boat->units))]);
    }
}
