<?php

declare(strict_types=1);

namespace App\Http\Boat;

use App\Files\BoatFile;
use App\Models\Boat;
use Illuminate\Contracts\Validation\Factory;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The boat and her locker as a file. */
final class BoatFileController
{
    public function show(Boat $boat): JsonResponse
    {
        return new JsonResponse(BoatFile::of($boat), 200, [
            'Content-Disposition' => 'attachment; filename="boat.admek.json"',
        ], JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** What a file would change, before anything is kept of it. */
    public function preview(Request $request, Boat $boat, Factory $validators): JsonResponse
    {
        $file = self::read($request, $boat, $validators);

        return new JsonResponse([
            'name' => (string) $request->input('boat.name'), 'holders' => count($request->array('boat.holders')),
            'added' => $file->names(new: true), 'changed' => $file->names(new: false),
            'does' => BoatController::told($file->change, $request->string('boat.units')->value()),
        ]);
    }

    public function update(Request $request, Boat $boat, Factory $validators): BoatResource
    {
        self::read($request, $boat, $validators)->keep();

        return new BoatResource(Boat::query()->findOrFail($boat->id));
    }

    private static function read(Request $request, Boat $boat, Factory $validators): BoatFile
    {
        $asks = new BoatRequest;

        return BoatFile::read($request->json()->all(), $boat, $asks->rules(), $asks->messages(), $validators);
    }
}
