<?php

declare(strict_types=1);

namespace Admek\Core\Patterns;

use Admek\Core\Units\Sentence;

/** A level of a factor that is worth starting with, and why. */
final readonly class Start
{
    /** @param  float  $spoken  line-hours on all its factor's levels */
    public function __construct(public Factor $factor, public Rate $rate, private float $spoken, public bool $isTest = false)
    {
    }

    /** By its rate and its interval, as it looks and all else alike. */
    public function reason(): Sentence
    {
        $figures = [
            'bites' => $this->rate->bites === 1 ? '1 bite' : "{$this->rate->bites} bites",
            'hours' => Rate::figure($this->rate->hours, 0), 'rate' => $this->rate->says(),
            'high' => Rate::figure($this->rate->high), 'times' => Rate::figure($this->rate->times ?? 1.0, 1),
            'share' => (string) round(100.0 * $this->rate->hours / max($this->spoken, 1e-9)),
        ];
        if ($this->isTest) {
            return Sentence::of(
                'Little is known of it, {bites} in {hours} line-hours, {share} % of all: it may bring {high} an hour.',
                $figures,
            );
        }

        return Sentence::of(
            '{rate}, {bites} in {hours} line-hours; all else alike ×{times}.', $figures,
        );
    }
}
