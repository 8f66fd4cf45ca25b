<?php

declare(strict_types=1);

namespace App\Http\Asked;

use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use App\Rigging\ControlTold;
use JsonSerializable;

/**
 * A line as it runs, in metres and newtons of the towing frame. No resource of the framework's: it is asked for with every step
 * of a moving hand, and nothing of it is left out on a condition.
 */
final readonly class RunningLineResource implements JsonSerializable
{
    private const MOST_POINTS = 40;

    /** @param  ?Bottom  $bottom  what would run deeper lies on it */
    public function __construct(private RunningLine $running, private RulesOfThumb $rules, private ?Bottom $bottom = null)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $running = $this->running;
        $rig = $running->planned->rig;
        $rule = $rig->ruleOfThumb($this->rules);

        $lies = $this->bottom?->stops($running->depth(), $running->lure()[0]);

        return LineDrawn::of($running, self::MOST_POINTS, $lies) + [
            'on_bottom' => $lies !== null,
            'doubt' => $running->doubt === null || $lies !== null ? null : new DoubtResource($running->doubt),
            'trued' => $running->planned->trued !== null,
            'doubts' => array_map(
                static fn (string $doubt, float $amount): array => ['doubt' => $doubt, 'amount' => LineDrawn::round($amount)],
                array_keys($running->doubt->parts ?? []),
                array_values($running->doubt->parts ?? []),
            ),
            'speed_factor' => $running->solution->speedFactor,
            'surfaced' => $running->solution->surfaced,
            'rule' => $rule === null ? null : [
                'depth' => LineDrawn::round($rule->depth), 'reckoning' => $rule->reckoning, 'speed' => $rule->speed,
            ],
            'control' => ControlTold::of($rig->control()),
            'other_control' => $rig->otherControl()?->kind->value,
        ];
    }
}
