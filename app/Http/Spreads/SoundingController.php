<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use Admek\Core\Records\Sounding;
use Admek\Core\Spread\Run\SpreadSolver;
use App\Http\Asked\AskedSpread;
use App\Models\Boat;
use App\Models\Spread;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Depths the captain read off the real thing. */
final class SoundingController
{
    /** Kept with what the model said of that very line, so that later figures of the gear do not change what was seen. */
    public function store(TakeSoundingRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $asked = AskedSpread::of($request, $spread, $boat);
        $model = $solver->run($asked->lineAt($request->integer('holder_id')), $asked->conditions, withDoubt: false)->depth();
        $read = new Sounding($request->float('depth'), $model, $asked->conditions->speed);
        $row = $asked->locker->row($asked->describedAt($request->integer('holder_id')));
        $sounding = $boat->soundings()->create([
            'taken_at' => $request->string('taken_at')->value(), 'method' => $request->string('method')->value(),
            'depth' => $read->depth, 'model_depth' => $read->modelDepth, 'speed' => $read->speed,
            'set_up' => array_filter($row, static fn (mixed $figure): bool => $figure !== null),
        ] + array_intersect_key($row, array_flip(['presentation', 'reel_id', 'lure_id'])));

        return new JsonResponse(['id' => $sounding->id], 201);
    }

    public function destroy(Boat $boat, int $sounding): Response
    {
        $boat->soundings()->findOrFail($sounding)->delete();

        return new Response(status: 204);
    }
}
