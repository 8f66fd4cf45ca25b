<?php

declare(strict_types=1);

namespace App\Http\Devices;

use App\Devices\Sighting;
use App\Models\Device;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Device */
final class DeviceResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $asks = $request->user();

        return [
            'id' => $this->id, 'name' => $this->name, 'role' => $this->role->value, 'sees_places' => $this->sees_places,
            'let_in_at' => $this->let_in_at->toIso8601ZuluString(),
            'seen_at' => Sighting::of($this->id, $this->seen_at?->toImmutable())?->toIso8601ZuluString(),
            'asks' => $asks instanceof Device && $asks->id === $this->id,
        ];
    }
}
