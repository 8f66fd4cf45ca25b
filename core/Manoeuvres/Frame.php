<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\Motion\Moment;

/** A line of a spread at a moment of a manoeuvre. */
final readonly class Frame
{
    /**
     * @param  float  $time  s
     * @param  RunningLine  $line  where it is, without a doubt: that is told at rest
     * @param  float  $speed  m/s at which the water passes its lure
     * @param  float  $pull  N on rod tip or boom, the mean over a second
     */
    private function __construct(public float $time, public RunningLine $line, public float $speed, public float $pull)
    {
    }

    public static function of(RunningLine $like, Moment $moment): self
    {
        return new self(
            $moment->time, new RunningLine($like->planned, $moment->asTowed(), null), $moment->speeds[Lure::BODY],
            $moment->towTension,
        );
    }

    /** m down: the deepest of lure, ball, weight and diver. */
    public function deepest(): float
    {
        return $this->line->solution->bodies[$this->deepestBody()][2];
    }

    /** Which of them it is. */
    public function deepestBody(): string
    {
        $deepest = Lure::BODY;
        foreach ($this->line->solution->bodies as $name => $place) {
            $deepest = $place[2] > $this->line->solution->bodies[$deepest][2] ? $name : $deepest;
        }

        return $deepest;
    }
}
