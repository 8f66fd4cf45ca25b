<?php

declare(strict_types=1);

namespace App\Http\Previews;

use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\FishOn;
use Admek\Core\Spread\Check\Setting;
use Admek\Core\Spread\Cure\SettingCures;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SettingOrder;
use Admek\Core\Spread\Plan\SettingSchool;
use Admek\Core\Spread\Run\SpreadSolver;
use App\Http\Asked\AskedSpread;
use App\Http\Asked\BreachResource;
use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\OrderOf;
use Illuminate\Http\JsonResponse;

/** The order lines go in, what would be let out across another, and what to clear for a fish. */
final class SettingController
{
    public function __invoke(SettingRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $asked = AskedSpread::of($request, $spread, $boat);
        $order = OrderOf::chosen(
            $request->enum('school', SettingSchool::class), $request->input('setting_order'), $asked->locker,
        );
        $inOrder = SettingOrder::of($asked->plan->lines, $order->school, $order->holders);
        $setting = new Setting($asked->conditions, $asked->limits, $solver);
        $crossings = $setting->crossings($inOrder);
        $cures = new SettingCures($inOrder, $crossings, $setting);

        return new JsonResponse([
            'order' => array_map(static fn (PlannedLine $line): string => $line->holder, $inOrder),
            'crossings' => array_map(
                static fn (Breach $crossing): array => [
                    'breach' => new BreachResource($crossing), 'cure' => $cures->of($crossing),
                ],
                $crossings,
            ),
            'clearing' => (object) FishOn::clearing($asked->running($solver)[0], $asked->limits),
        ]);
    }
}
