<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\Motion\Moment;

/** A line of a spread at a moment of a manoeuvre. */
final readonly class Frame
{
    /**
     * @param  float  $time  s
     * @param  float  $speed  m/s at which the water passes its lure
     * @param  float  $pull  N on rod tip or boom, the mean over a second
     * @param  PlannedLine  $planned  which line it is
     * @param  string  $places  as {@see Shape} packs them
     */
    private function __construct(
        public float $time, public float $speed, public float $pull, private PlannedLine $planned, private Shape $shape,
        private string $places,
    ) {
    }

    /** @param  Shape  $shape  of all moments of the line */
    public static function of(PlannedLine $planned, Shape $shape, Moment $moment): self
    {
        return new self(
            $moment->time, $moment->speeds[Lure::BODY], $moment->towTension, $planned, $shape, $shape->packed($moment),
        );
    }

    /** Where it is, without a doubt: that is told at rest. */
    public function line(): RunningLine
    {
        return new RunningLine($this->planned, $this->shape->solution($this->places, $this->pull), null);
    }

    /** @return array<string, array{float, float, float}> m: aft, starboard, down, of all that hangs on it, by name */
    public function bodies(): array
    {
        return $this->shape->bodies($this->places);
    }

    /** m down, of its lure. */
    public function depth(): float
    {
        return $this->bodies()[Lure::BODY][2];
    }

    /** m down: the deepest of lure, ball, weight and diver. */
    public function deepest(): float
    {
        return max(-INF, ...array_column($this->bodies(), 2));
    }

    /** Which of them it is. */
    public function deepestBody(): string
    {
        $bodies = $this->bodies();
        $deepest = Lure::BODY;
        foreach ($bodies as $name => $place) {
            $deepest = $place[2] > $bodies[$deepest][2] ? $name : $deepest;
        }

        return $deepest;
    }
}
