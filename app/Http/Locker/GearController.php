<?php

declare(strict_types=1);

namespace App\Http\Locker;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Material;
use App\Models\Boat;
use App\Models\Lure;
use Illuminate\Http\JsonResponse;

/** Gear typed into the locker, or put right there. */
final class GearController
{
    public function store(GearRequest $request, string $list, Boat $boat): JsonResponse
    {
        return new JsonResponse(['id' => $boat->{$list}()->create(self::figures($request, $list))->id], 201);
    }

    public function update(GearRequest $request, string $list, int $id, Boat $boat): JsonResponse
    {
        $boat->{$list}()->findOrFail($id)->update(self::figures($request, $list));

        return new JsonResponse(['id' => $id]);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidValue where the figures do not go together
     */
    private static function figures(GearRequest $request, string $list): array
    {
        /** @var array<string, mixed> $figures */
        $figures = $request->validated();
        if ($list === 'reels') {
            LineStock::of(Material::from($request->string('material')->value()), $request->float('test'));
        }
        if ($list === 'lures') {
            $figures += array_fill_keys(['rated_depth', 'rated_lead', 'rated_line_diameter', 'rated_speed'], null);
            $figures = (new Lure($figures))->fitted()->only(['down_area', 'lip']) + $figures;
        }

        return $figures;
    }
}
