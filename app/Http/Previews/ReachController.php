<?php

declare(strict_types=1);

namespace App\Http\Previews;

use Admek\Core\Spread\Run\ReachWords;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Units\Units;
use App\Http\Asked\AskedSpread;
use App\Models\Boat;
use App\Models\Spread;
use Illuminate\Http\JsonResponse;

/** "Run it at": what takes one or several lines to a depth, or how far each gets and what would help. */
final class ReachController
{
    public function __invoke(ReachRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $asked = AskedSpread::of($request, $spread, $boat);
        $depth = $request->float('depth');
        $byOther = $request->input('by') === 'other';
        $units = Units::from($boat->units);
        $reached = [];
        foreach ($request->array('holder_ids') as $i => $holderId) {
            $line = $asked->lineAt($holderId, "holder_ids.{$i}");
            $reach = $solver->reach($line, $asked->conditions, $depth, $byOther);
            $control = ($byOther ? $line->rig->otherControl() : null) ?? $line->rig->control();
            $value = $control->settable($reach->control, $asked->metric());
            $reached[] = [
                'holder' => $line->holder,
                'reached' => ReachWords::comesTo($reach, $depth, $units),
                'control' => $control->kind->value,
                'value' => $value,
                'figures' => (object) $control->figures($value),
                'depth' => $byOther ? $solver->run(
                    $line->withOtherControl($value), $asked->conditions, withDoubt: false,
                )->depth() : $reach->depth,
                'short' => ReachWords::short($line, $reach, $control->kind, $depth, $units)?->in($units),
            ];
        }

        return new JsonResponse(['lines' => $reached]);
    }
}
