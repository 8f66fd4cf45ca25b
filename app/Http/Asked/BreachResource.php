<?php

declare(strict_types=1);

namespace App\Http\Asked;

use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\BreachWords;
use Admek\Core\Units\Units;
use App\Models\Boat;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * Something to look at, in metres.
 *
 * @property Breach $resource
 */
final class BreachResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $breach = $this->resource;

        return [
            'kind' => $breach->kind->value,
            'title' => BreachWords::title($breach->kind),
            'reason' => BreachWords::reason($breach)->in(Units::from(app(Boat::class)->units)),
            'holders' => $breach->holders,
            'amount' => $breach->amount === null ? null : round($breach->amount, 3),
            'wanted' => $breach->wanted === null ? null : round($breach->wanted, 3),
            'place' => $breach->place === null ? null : array_map(
                static fn (float $metres): float => round($metres, 3), $breach->place,
            ),
            'subject' => $breach->subject,
            'structure' => $breach->structure === null ? null : round($breach->structure, 2),
            'ahead' => $breach->ahead === null ? null : round($breach->ahead, 1),
            'first' => $breach->first === null ? null : [
                'body' => $breach->first->body, 'clearance' => round($breach->first->clearance, 3),
                'ahead' => round($breach->first->ahead, 1), 'structure' => round($breach->first->standing, 2),
            ],
        ];
    }
}
