<?php

declare(strict_types=1);

namespace App\Http\Locker;

use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\Material;
use App\Models\Boat;
use Illuminate\Http\JsonResponse;

/** What is aboard. */
final class LockerController
{
    public function __invoke(Boat $boat): JsonResponse
    {
        return new JsonResponse([
            'reels' => $boat->reels->map->only(
                [
                    'id',
                    'name',
                    'material',
                    'test',
                    'colours',
                    'backing_material',
                    'backing_test',
                    'wire_length',
                    'counter_calibrated',
                    'counter_factor',
                ],
            ),
            'balls' => $boat->balls->map->only(['id', 'name', 'mass']),
            'divers' => $boat->divers->map->only(['id', 'name', 'size', 'ringed']),
            'boards' => $boat->boards->map->only(['id', 'name', 'size']),
            'lures' => $boat->lures->map->only(
                ['id', 'name', 'kind', 'finish', 'rated_depth', 'rated_lead', 'rated_line_diameter', 'rated_speed'],
            ),
            'leaders' => array_map(
                static fn (Material $material): array => [
                    'material' => $material->value, 'tests' => array_keys($material->diameters()),
                ],
                Material::thin(),
            ),
            'weights' => LeadWeight::STOCK,
        ], options: JSON_PRESERVE_ZERO_FRACTION);
    }
}
