<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use App\Models\Spread;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Spread */
final class SpreadResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return $this->only(['id', 'trip_id', 'name', 'speed', 'version', 'school', 'setting_order']) + [
            'lines' => $this->rows(),
        ];
    }
}
