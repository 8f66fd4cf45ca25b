<?php

declare(strict_types=1);

namespace App\Http\Asked;

use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Tackle\Rigs\BottomRig;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Towing\TowSolution;
use JsonSerializable;

/**
 * A line as it runs, in metres and newtons of the towing frame. No resource of the framework's: it is asked for with every step
 * of a moving hand, and nothing of it is left out on a condition.
 */
final readonly class RunningLineResource implements JsonSerializable
{
    private const MOST_POINTS = 40;

    public function __construct(private RunningLine $running, private RulesOfThumb $rules)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $running = $this->running;
        $solution = $running->solution;
        $rig = $running->planned->rig;
        $rule = $rig->ruleOfThumb($this->rules);
        $control = $rig->control();
        $ball = $solution->bodies[Downrigger::BALL] ?? null;
        [$aft, $starboard, $depth] = $running->lure();

        return [
            'holder' => $running->planned->holder,
            'depth' => self::round($depth),
            'doubt' => $running->doubt === null ? null : new DoubtResource($running->doubt),
            'trued' => $running->planned->trued !== null,
            'doubts' => array_map(
                static fn (string $doubt, float $amount): array => ['doubt' => $doubt, 'amount' => self::round($amount)],
                array_keys($running->doubt->parts ?? []),
                array_values($running->doubt->parts ?? []),
            ),
            'aft' => self::round($aft),
            'starboard' => self::round($starboard),
            'tension' => self::round($solution->towTension),
            'speed_factor' => $solution->speedFactor,
            'ball' => $ball === null ? null : [
                'place' => self::point($ball), 'blow_back' => self::round(($rig->cable()->reading ?? 0.0) - $ball[2]),
            ],
            'diver' => isset($solution->bodies[DiverPlate::BODY]) ? self::point($solution->bodies[DiverPlate::BODY]) : null,
            'board' => $solution->board === null ? null : [
                'place' => self::point($solution->board),
                'load' => self::round($solution->boardLoadDown ?? 0.0),
                'pulled_under' => $solution->boardPulledUnder,
            ],
            'surfaced' => $solution->surfaced,
            'rule' => $rule === null ? null : [
                'depth' => self::round($rule->depth), 'reckoning' => $rule->reckoning, 'speed' => $rule->speed,
            ],
            'control' => [
                'kind' => $control->kind->value,
                'value' => $control->value,
                'least' => $control->least,
                'most' => $control->most,
                'step' => $control->step,
                'metric_step' => $control->metricStep,
                'figure' => $control->kind->figure(),
                'deepens' => $control->deepens,
                'emptied' => $control->emptied,
            ],
            'other_control' => $rig->otherControl()?->kind->value,
            'weight' => isset($solution->bodies[BottomRig::WEIGHT]) ? self::point($solution->bodies[BottomRig::WEIGHT]) : null,
            'path' => self::curve($running->path()),
            'branches' => array_map(self::curve(...), $running->branches()),
            'front' => self::straight($running->frontLine()),
            'mast_line' => self::straight($running->mastLine()),
        ];
    }

    /**
     * @param  ?array{array{float, float, float}, array{float, float, float}}  $ends
     * @return ?list<list<float>>
     */
    private static function straight(?array $ends): ?array
    {
        return $ends === null ? null : array_map(self::point(...), $ends);
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
