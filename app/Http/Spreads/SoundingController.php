<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use Admek\Core\Records\Sounding;
use Admek\Core\Records\SoundingMethod;
use Admek\Core\Spread\Plan\Shared;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\DescribedLine;
use App\Http\Asked\AskedSpread;
use App\Models\Boat;
use App\Models\Spread;
use App\Reading\TrueUpReport;
use App\Rigging\Locker;
use App\Rigging\SoundedGear;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Depths the captain read off the real thing, and what they teach of the gear. */
final class SoundingController
{
    public function index(Boat $boat): JsonResponse
    {
        return new JsonResponse(
            TrueUpReport::of($boat, Locker::of($boat))->told(), options: JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    /** Kept with all that very line was towed in, and what the model said of it by the default figures. */
    public function store(TakeSoundingRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $asked = AskedSpread::of($request, $spread, $boat);
        $line = $asked->lineAt($request->integer('holder_id'));
        $model = $solver->run($line->withTrued(null), $asked->conditions, withDoubt: false)->depth();
        $read = new Sounding($request->float('depth'), $model, $asked->conditions->speed);
        $beside = array_filter(
            $asked->plan->described, static fn (DescribedLine $other): bool => $other->holder->code !== $line->holder
                && Shared::together($line, $asked->plan->lineOf($other->holder->code)),
        );

        return new JsonResponse(['id' => SoundedGear::take(
            $boat, $asked->trip, $request->string('taken_at')->value(),
            SoundingMethod::from($request->string('method')->value()), $read,
            $asked->locker->row($asked->describedAt($request->integer('holder_id'))),
            $asked->locker->rows(array_values($beside)), $asked->conditions,
        )], 201);
    }

    /** Held to be true however far off it is, or left to be judged. */
    public function update(Request $request, Boat $boat, int $sounding): Response
    {
        $told = $request->validate(['confirmed' => ['required', 'boolean:strict']]);
        $boat->soundings()->findOrFail($sounding)->update($told);

        return new Response(status: 204);
    }

    public function destroy(Boat $boat, int $sounding): Response
    {
        $boat->soundings()->findOrFail($sounding)->delete();

        return new Response(status: 204);
    }
}
