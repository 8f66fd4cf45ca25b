<?php

declare(strict_types=1);

namespace App\Http\Previews;

use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\SafeLimits;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Side;
use App\Http\Asked\AskedSpread;
use App\Http\Asked\BreachResource;
use App\Models\Boat;
use App\Models\Spread;
use Illuminate\Http\JsonResponse;

/** How tight the boat may turn and how slow she may go with this spread out. */
final class SafeLimitsController
{
    public function __invoke(PreviewRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $asked = AskedSpread::of($request, $spread, $boat);
        $safe = new SafeLimits($asked->plan->lines, $asked->conditions, $asked->limits, $solver);
        $turn = static fn (Side $side): array => self::told($safe->turn($side));

        return new JsonResponse(
            ['port' => $turn(Side::Port), 'starboard' => $turn(Side::Starboard), 'slowest' => self::told($safe->slowest())],
        );
    }

    /**
     * @param  array{first: ?Breach, radius?: ?float, speed?: ?float}  $limit
     * @return array<string, mixed>
     */
    private static function told(array $limit): array
    {
        return ['first' => $limit['first'] === null ? null : new BreachResource($limit['first'])] + $limit;
    }
}
