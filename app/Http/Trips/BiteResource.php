<?php

declare(strict_types=1);

namespace App\Http\Trips;

use App\Models\Bite;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Bite */
final class BiteResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return $this->told() + ['snapshot' => $this->snapshot];
    }

    /** @return array<string, mixed> all but its snapshot */
    public function told(): array
    {
        return ['bitten_at' => $this->bitten_at->format('Y-m-d\TH:i:s\Z')]
            + $this->only(['id', 'uuid', 'trip_id', 'spread_id', 'holder', 'species', 'outcome', 'length', 'weight', 'note']);
    }
}
