<?php

declare(strict_types=1);

namespace App\Http\Locker;

use App\Models\Boat;
use App\Models\FigureMark;
use App\Outfitting\GearEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Gear typed into the locker, or put right there. */
final class GearController
{
    public function store(GearRequest $request, string $list, Boat $boat): JsonResponse
    {
        $figures = GearEntry::columns($request->form(), $request->validated());

        return new JsonResponse(['id' => $boat->{$list}()->create($figures)->id], 201);
    }

    public function update(GearRequest $request, string $list, int $id, Boat $boat): JsonResponse
    {
        $piece = $boat->{$list}()->findOrFail($id);
        DB::transaction(static function () use ($request, $boat, $piece): void {
            FigureMark::renamed($boat, $request->form(), $piece->name, $request->string('name')->value());
            $piece->update(GearEntry::columns($request->form(), $request->validated()));
        });

        return new JsonResponse(['id' => $id]);
    }
}
