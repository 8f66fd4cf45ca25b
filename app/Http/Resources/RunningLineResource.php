<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Admek\Core\Spread\RunningLine;
use Admek\Core\Tackle\DiverPlate;
use Admek\Core\Tackle\Downrigger;
use Admek\Core\Towing\TowSolution;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A line as it runs, in metres and newtons of the towing frame.
 *
 * @property RunningLine $resource
 */
final class RunningLineResource extends JsonResource
{
    private const MOST_POINTS = 40;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $running = $this->resource;
        $solution = $running->solution;
        $rig = $running->planned->rig;
        $rule = $rig->ruleOfThumb();
        $control = $rig->control();
        $ball = $solution->bodies[Downrigger::BALL] ?? null;
        [$aft, $starboard, $depth] = $running->lure();

        return [
            'holder' => $running->planned->holder,
            'depth' => self::round($depth),
            'deviation' => $running->doubt === null ? null : self::round($running->doubt->deviation),
            'doubts' => array_map(
                static fn (string $doubt, float $amount): array => ['doubt' => $doubt, 'amount' => self::round($amount)],
                array_keys($running->doubt->parts ?? []),
                array_values($running->doubt->parts ?? []),
            ),
            'aft' => self::round($aft),
            'starboard' => self::round($starboard),
            'tension' => self::round($solution->towTension),
            'speed_factor' => $solution->speedFactor,
            'ball' => $ball === null ? null : ['place' => self::point($ball), 'blow_back' => self::round($control->value - $ball[2])],
            'diver' => isset($solution->bodies[DiverPlate::BODY]) ? self::point($solution->bodies[DiverPlate::BODY]) : null,
            'board' => $solution->board === null ? null : ['place' => self::point($solution->board), 'load' => self::round($solution->boardLoadDown ?? 0.0), 'pulled_under' => $solution->boardPulledUnder],
            'surfaced' => $solution->surfaced,
            'rule' => $rule === null ? null : ['depth' => self::round($rule->depth), 'reckoning' => $rule->reckoning],
            'control' => ['kind' => $control->kind->value, 'value' => $control->value, 'least' => $control->least, 'most' => $control->most, 'step' => $control->step, 'metric_step' => $control->metricStep],
            'path' => self::curve($solution->path),
            'branches' => array_map(self::curve(...), $solution->branchPaths),
        ];
    }

    /**
     * @param  list<array{float, float, float}>  $path
     * @return list<list<float>>
     */
    private static function curve(array $path): array
    {
        return array_map(self::point(...), TowSolution::thinned($path, self::MOST_POINTS));
    }

    /**
     * @param  array{float, float, float}  $place
     * @return list<float>
     */
    private static function point(array $place): array
    {
        return array_map(self::round(...), $place);
    }

    /** To the millimetre: far finer than the model, and kind to the wire. */
    private static function round(float $metres): float
    {
        return round($metres, 3);
    }
}
