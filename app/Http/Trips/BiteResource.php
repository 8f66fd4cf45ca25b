<?php

declare(strict_types=1);

namespace App\Http\Trips;

use App\Access\Policy;
use App\Devices\Ability;
use App\Models\Bite;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Bite */
final class BiteResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return $this->told($request) + ['snapshot' => $this->snapshot];
    }

    /** @return array<string, mixed> all but its snapshot */
    public function told(Request $request): array
    {
        $place = $this->latitude === null || $this->longitude === null || ! Policy::lets($request, Ability::Places)
            ? null : ['latitude' => $this->latitude, 'longitude' => $this->longitude];

        return ['place' => $place, 'bitten_at' => $this->bitten_at->format('Y-m-d\TH:i:s\Z')]
            + $this->only(['id', 'uuid', 'trip_id', 'spread_id', 'holder', 'species', 'outcome', 'length', 'weight', 'note']);
    }
}
