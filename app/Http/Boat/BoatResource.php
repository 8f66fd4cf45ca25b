<?php

declare(strict_types=1);

namespace App\Http\Boat;

use App\Models\Boat;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Boat */
final class BoatResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return $this->only(['id', 'name', 'length', 'beam', 'units', 'lines_per_angler', 'mast_aft', 'mast_height', 'timezone'])
            + [
                'holders' => $this->holders->map->only(
                    ['id', 'code', 'side', 'kind', 'place', 'aft', 'starboard', 'height'],
                )->all(),
            ];
    }
}
