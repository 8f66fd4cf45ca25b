<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

/** What becomes of a line while the boat lies out of gear. */
final readonly class Sinking
{
    /**
     * @param  ?float  $seconds  until it touches bottom; null where it does not, or nobody knows how deep it is
     * @param  ?float  $soonest  s, by a depth as much deeper as it may be
     * @param  ?float  $latest  s, by one as much shallower; null where it may not touch at all
     * @param  float  $depth  m the deepest of it comes to in the time looked at, or to the bottom
     * @param  string  $body  which of it that is
     * @param  bool  $onBottom  whether it fishes on bottom as it is
     */
    public function __construct(
        public string $holder, public ?float $seconds, public ?float $soonest, public ?float $latest, public float $depth,
        public string $body, public bool $onBottom,
    ) {
    }

    /** What tells which is cleared first: the sooner it may touch; what fishes on bottom is there already, and last. */
    public function urgency(): float
    {
        return $this->onBottom ? INF : ($this->soonest ?? 1e6 - $this->depth);
    }
}
