<?php

declare(strict_types=1);

namespace App\Http\Asked;

use Admek\Core\Towing\Doubt\DepthDoubt;
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
        return $this->resource->told();
    }
}
