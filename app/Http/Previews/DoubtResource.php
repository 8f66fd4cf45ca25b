<?php

declare(strict_types=1);

namespace App\Http\Previews;

use Admek\Core\Towing\DepthDoubt;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * How sure a depth is, in metres to its two sides; told as one where they hardly differ.
 *
 * @property DepthDoubt $resource
 */
final class DoubtResource extends JsonResource
{
    /** @return array{shallower: float, deeper: float, skewed: bool} */
    public function toArray(Request $request): array
    {
        return ['shallower' => round($this->resource->shallower, 3), 'deeper' => round($this->resource->deeper, 3), 'skewed' => $this->resource->isSkewed()];
    }
}
