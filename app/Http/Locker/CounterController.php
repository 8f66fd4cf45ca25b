<?php

declare(strict_types=1);

namespace App\Http\Locker;

use Admek\Core\Records\CounterCheck;
use Admek\Core\Units\Units;
use App\Models\Boat;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A reel's counter held against a tape. */
final class CounterController
{
    public function update(Request $request, int $id, Boat $boat): JsonResponse
    {
        $reel = $boat->reels()->findOrFail($id);
        $entered = $request->validate(['pulled' => ['required', 'numeric:strict'], 'read' => ['required', 'numeric:strict']]);
        $check = CounterCheck::of((float) $entered['pulled'], (float) $entered['read']);
        $reel->update(['counter_calibrated' => true, 'counter_factor' => $check->factor]);

        return new JsonResponse(['factor' => $check->factor, 'says' => $check->says()->in(Units::from($boat->units))]);
    }
}
