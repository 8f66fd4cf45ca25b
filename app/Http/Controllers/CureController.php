<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Admek\Core\Spread\Breach;
use Admek\Core\Spread\Breaches;
use Admek\Core\Spread\Cure;
use Admek\Core\Spread\CureKind;
use Admek\Core\Spread\Cures;
use Admek\Core\Spread\OutOfReach;
use Admek\Core\Spread\SpreadSolver;
use Admek\Core\Tackle\MastBoard;
use App\Http\Requests\PreviewRequest;
use App\Http\Resources\BreachResource;
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
        $cures = new Cures($desk->lines, $running, $desk->conditions, $desk->limits, $desk->metric(), $desk->spares(), $desk->finishes(), $solver);
        $breaches = [...Breaches::of($running, $desk->limits, $desk->finishes()), ...OutOfReach::among($running, $desk->conditions, $solver)];

        return new JsonResponse(['cures' => array_values(array_filter(array_map(
            static fn (Breach $breach): ?array => self::offer($breach, $cures->of($breach), $desk),
            $breaches,
        )))]);
    }

    /** @return ?array<string, mixed> */
    private static function offer(Breach $breach, ?Cure $cure, Desk $desk): ?array
    {
        return $cure === null ? null : [
            'breach' => new BreachResource($breach),
            'kind' => $cure->kind->value,
            'holders' => $cure->holders,
            'value' => $cure->value,
            'figures' => (object) self::figures($cure, $desk),
        ];
    }

    /** @return array<string, float|int> what the line's figures become, by name */
    private static function figures(Cure $cure, Desk $desk): array
    {
        foreach ($desk->lines as $line) {
            if ($line->holder === $cure->holders[0]) {
                return match ($cure->kind) {
                    CureKind::SetControl => $line->rig->control()->figures($cure->value ?? 0.0),
                    CureKind::SetBoardOut => [$line->rig instanceof MastBoard ? 'clip_out' : 'board_out' => $cure->value ?? 0.0],
                    CureKind::ChangeLure => ['lure_id' => $cure->lure ?? 0],
                    default => [],
                };
            }
        }

        return [];
    }
}
