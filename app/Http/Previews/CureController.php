<?php

declare(strict_types=1);

namespace App\Http\Previews;

use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Cure\Cure;
use Admek\Core\Spread\Cure\Cures;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Units\Units;
use App\Http\Asked\AskedSpread;
use App\Http\Asked\BreachResource;
use App\Models\Boat;
use App\Models\Spread;
use Illuminate\Http\JsonResponse;

/** What would put each breach of a spread right, tried before it is offered. */
final class CureController
{
    public function __invoke(PreviewRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $asked = AskedSpread::of($request, $spread, $boat);
        [$running] = $asked->running($solver);
        $cures = new Cures(
            $asked->plan, $running, $asked->conditions, $asked->limits, $asked->metric(), $asked->spares(), $solver,
        );

        return new JsonResponse(['cures' => array_values(array_filter(array_map(
            static fn (Breach $breach): ?array => self::offer($breach, $cures->of($breach), $asked),
            $asked->breaches($running, $solver),
        )))], options: JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @return ?array<string, mixed> */
    private static function offer(Breach $breach, ?Cure $cure, AskedSpread $asked): ?array
    {
        if ($cure === null) {
            return null;
        }

        return [
            'breach' => new BreachResource($breach),
            'kind' => $cure->kind->value,
            'holders' => $cure->holders,
            'order' => $cure->order($asked->plan)->in(Units::from($asked->boat->units)),
            'lines' => $asked->locker->rows($cure->applied($asked->plan)->described),
        ];
    }
}
