<?php

declare(strict_types=1);

namespace App\Http\Boat;

use Admek\Core\Books\Book;
use App\Models\Boat;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Boat */
final class BoatResource extends JsonResource
{
    private const LAID_OUT = ['length', 'beam', 'mast_aft', 'mast_height'];

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return $this->only(['id', 'name', 'units', 'clock_face', 'lines_per_angler', 'timezone', 'crew', 'log_factor', 'version'])
            + ['net_weight' => $this->resource->book(Book::Day)->get('net_weight')] + $this->laidOut();
    }

    /** @return array<string, mixed> her hull, mast and rail */
    public function laidOut(): array
    {
        return $this->only(self::LAID_OUT) + [
            'holders' => $this->holders->map->only(
                [
                    'id', 'code', 'side', 'kind', 'place', 'aft', 'starboard', 'height', 'counter_calibrated',
                    'counter_factor',
                ],
            )->all(),
        ];
    }
}
