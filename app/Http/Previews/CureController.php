<?php

declare(strict_types=1);

namespace App\Http\Previews;

use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Cure\Cure;
use Admek\Core\Spread\Cure\Cures;
use Admek\Core\Spread\Run\OutOfReach;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\Desk;
use Illuminate\Http\JsonResponse;

/** What would put each breach of a spread right, tried before it is offered. */
final class CureController
{
    public function __invoke(PreviewRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $desk = Desk::of($request, $spread, $boat);
        [$running] = $desk->running($solver);
        $cures = new Cures($desk->plan, $running, $desk->conditions, $desk->limits, $desk->metric(), $desk->spares(), $solver);
        $breaches = [...Breaches::of($running, $desk->limits, $desk->plan->finishes()), ...OutOfReach::among($running, $desk->conditions, $solver)];

        return new JsonResponse(['cures' => array_values(array_filter(array_map(
            static fn (Breach $breach): ?array => self::offer($breach, $cures->of($breach), $desk),
            $breaches,
        )))], options: JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @return ?array<string, mixed> */
    private static function offer(Breach $breach, ?Cure $cure, Desk $desk): ?array
    {
        if ($cure === null) {
            return null;
        }

        return [
            'breach' => new BreachResource($breach),
            'kind' => $cure->kind->value,
            'holders' => $cure->holders,
            'order' => $cure->order($desk->plan)->in(Units::from($desk->boat->units)),
            'lines' => $desk->locker->rows($cure->applied($desk->plan)->described),
        ];
    }
}
