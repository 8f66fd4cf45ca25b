<?php

declare(strict_types=1);

namespace App\Http\Days;

use Admek\Core\InvalidValue;
use App\Files\Photograph;
use App\Models\Bite;
use App\Models\Trip;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Photographs of fish, one of each. */
final class PhotographController
{
    /** Ids of bites that have one. */
    public function index(Trip $trip): JsonResponse
    {
        return new JsonResponse(DB::table('photographs')->where('trip_id', $trip->id)->orderBy('added_at')->pluck('bite')->all());
    }

    public function show(Trip $trip, string $bite): Response
    {
        $row = DB::table('photographs')->where(['trip_id' => $trip->id, 'bite' => $bite])->first(['type', 'picture'])
            ?? throw new NotFoundHttpException('There is no photograph of it.');

        return new Response($row->picture, 200, [
            'Content-Type' => Photograph::typeOf($row->type), 'Content-Disposition' => 'inline; filename="fish"',
        ]);
    }

    /** In place of one there was. */
    public function update(Request $request): Response
    {
        $asked = $request->query('bite');
        $bite = Bite::query()->where('uuid', is_string($asked) ? $asked : '')->first()
            ?? throw InvalidValue::because('bite', 'the id of a bite that is kept');
        $photograph = Photograph::of(
            (string) stream_get_contents($request->getContent(true), Photograph::MOST_BYTES + 1),
        );
        DB::table('photographs')->upsert([
            'bite' => $bite->uuid, 'trip_id' => $bite->trip_id, 'type' => $photograph->type, 'picture' => $photograph->bytes,
            'added_at' => now('UTC')->format('Y-m-d H:i:s'), 'who' => Who::asks($request),
        ], 'bite');

        return new Response(status: 204);
    }

    public function destroy(Trip $trip, string $bite): Response
    {
        DB::table('photographs')->where(['trip_id' => $trip->id, 'bite' => $bite])->delete() > 0
            || throw new NotFoundHttpException('There is no photograph of it.');

        return new Response(status: 204);
    }
}
