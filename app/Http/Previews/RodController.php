<?php

declare(strict_types=1);

namespace App\Http\Previews;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\BottomFishing;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\Difference;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Parts\Figure;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Load;
use Admek\Core\Towing\TowSolver;
use Admek\Core\Units\Units;
use App\Http\Asked\AskedSpread;
use App\Http\Asked\DoubtResource;
use App\Models\Boat;
use App\Models\Spread;
use App\Reading\TrueUpReport;
use App\Rigging\Locker;
use Illuminate\Http\JsonResponse;

/** All there is to say of one rod: its figures and their sources, other opinions of its depth, the loads along it. */
final class RodController
{
    public function __invoke(RodRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $asked = AskedSpread::of($request, $spread, $boat);
        $planned = $asked->lineAt($request->integer('holder_id'));
        $running = $solver->run($planned, $asked->conditions);
        $rule = $planned->rig->ruleOfThumb($boat->rulesOfThumb());
        $bottom = BottomFishing::of($running, $asked->conditions, $asked->limits);

        $units = Units::from($boat->units);
        $differences = $rule === null ? [] : Difference::between($running, $rule, $asked->conditions, $solver);

        return new JsonResponse([
            'holder' => $planned->holder,
            'depth' => $asked->limits->bottom?->stops($running->depth(), $running->lure()[0]) ?? $running->depth(),
            'figures' => array_map(static fn (Figure $figure): array => get_object_vars($figure), $planned->figures),
            'tip_down_depth' => self::tipDown($planned, $asked->conditions, $solver),
            'bottom_rig' => $bottom === null ? null : [
                'angle' => $bottom->angle, 'water_angle' => $bottom->waterAngle, 'scope' => $bottom->scope,
                'lightest' => $bottom->lightest,
                'heavy_enough' => $bottom->isHeavyEnough(), 'is_lightest' => $bottom->isLightest(),
                'advice' => $bottom->advice()->in($units),
            ],
            'differences' => array_map(
                static fn (Difference $difference): array => [
                    'cause' => $difference->cause, 'depth' => $difference->depth, 'figure' => $difference->figure,
                ],
                $differences,
            ),
            'compared' => $rule === null ? null : Difference::told($differences, $running, $rule)->in($units),
            'doubt' => $running->doubt?->reason()?->in($units),
            'trued' => self::trued($asked, $request->integer('holder_id'), $planned, $solver),
            'loads' => array_map(
                static fn (Load $load): array => get_object_vars($load),
                (new TowSolver)->loads(
                    $asked->conditions->water(), $asked->conditions->turn, $planned->towLine($asked->conditions->density),
                ),
            ),
        ]);
    }

    /** What the line would run at with its rod's tip at the water; null for a rigger, whose boom stays where it is. */
    private static function tipDown(PlannedLine $planned, Conditions $conditions, SpreadSolver $solver): ?float
    {
        return $planned->rig->cable() !== null || $planned->tip[2] === 0.0
            ? null
            : $solver->run($planned->withTipAt(0.0), $conditions, withDoubt: false)->depth();
    }

    /**
     * What soundings say of its gear, beside the default figures.
     *
     * @return ?array<string, mixed> null where none speaks of it
     *
     * @throws InvalidValue
     * @throws CannotTow
     */
    private static function trued(AskedSpread $asked, int $holder, PlannedLine $planned, SpreadSolver $solver): ?array
    {
        $locker = Locker::of($asked->boat, $asked->trip);
        $learnt = $locker->sounded?->learnt($asked->trip);
        if ($learnt === null) {
            return null;
        }
        $owners = $learnt->owners($asked->describedAt($holder), $planned->rig);
        $told = TrueUpReport::of($asked->boat, $locker, $owners)->told();
        if ($told['figures'] === [] && $told['soundings'] === []) {
            return null;
        }
        $untrued = $solver->run($planned->withTrued(null), $asked->conditions);

        return $told + [
            'untrued' => [
                'depth' => $untrued->depth(), 'doubt' => $untrued->doubt === null ? null : new DoubtResource($untrued->doubt),
            ],
        ];
    }
}
