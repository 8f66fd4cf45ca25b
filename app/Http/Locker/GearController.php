<?php

declare(strict_types=1);

namespace App\Http\Locker;

use App\Models\Boat;
use App\Outfitting\GearEntry;
use Illuminate\Http\JsonResponse;

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
        $boat->{$list}()->findOrFail($id)->update(GearEntry::columns($request->form(), $request->validated()));

        return new JsonResponse(['id' => $id]);
    }
}
