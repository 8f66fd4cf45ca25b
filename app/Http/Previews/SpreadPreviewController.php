<?php

declare(strict_types=1);

namespace App\Http\Previews;

use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Coverage;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Units\Units;
use App\Http\Asked\AskedSpread;
use App\Http\Asked\BreachResource;
use App\Http\Asked\RunningLineResource;
use App\Models\Boat;
use App\Models\Spread;
use Illuminate\Http\JsonResponse;

/** Solves a spread as it stands on a screen, saved or not, under what-ifs. */
final class SpreadPreviewController
{
    public function __invoke(PreviewRequest $request, Spread $spread, Boat $boat, SpreadSolver $solver): JsonResponse
    {
        $started = hrtime(true);
        $asked = AskedSpread::of($request, $spread, $boat);
        $whole = ! $request->onlyDepths();
        [$running, $unsteady] = $asked->running($solver, withDoubt: $whole);
        $rules = $boat->rulesOfThumb();

        return new JsonResponse([
            'speed' => $asked->conditions->speed,
            'flow' => self::flow($asked->conditions->water()->flow),
            'lines' => array_map(
                static fn (RunningLine $line): RunningLineResource => new RunningLineResource(
                    $line, $rules, $asked->limits->bottom,
                ),
                $running,
            ),
            'coverage' => self::coverage($asked->limits, $running),
            'whole' => $whole,
            'unsteady' => array_merge(...array_map(static fn (Breach $breach): array => $breach->holders, $unsteady)),
            'caveat' => $asked->conditions->caveat()?->in(Units::from($boat->units)),
            'breaches' => BreachResource::collection(! $whole ? [] : [...$unsteady, ...$asked->breaches($running, $solver)]),
            'took_ms' => round((hrtime(true) - $started) / 1e6, 2),
        ]);
    }

    /** @return list<array{depth: float, aft: float, starboard: float}> */
    private static function flow(Flow $flow): array
    {
        return array_map(static fn (float $depth, float $aft, float $starboard): array => [
            'depth' => $depth, 'aft' => round($aft, 4), 'starboard' => round($starboard, 4),
        ], $flow->depths, $flow->aft, $flow->starboard);
    }

    /**
     * @param  list<RunningLine>  $running
     * @return list<array<string, mixed>>
     */
    private static function coverage(SpreadLimits $limits, array $running): array
    {
        $depths = array_map(static fn (RunningLine $line): float => $line->depth(), $running);
        $coverage = [];
        foreach ($limits->bands as $species => [$top, $bottom]) {
            $covered = Coverage::of($top, $bottom, $depths, $limits->reach);
            $coverage[] = ['species' => $species, 'share' => round($covered->share(), 3), 'stretches' => $covered->stretches];
        }

        return $coverage;
    }
}
