<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

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

    /** How long it takes, between the two ends its doubt leaves open; nothing where it does not come to the bottom. */
    public function brief(): ?Sentence
    {
        $figures = [
            'soonest' => [Quantity::Seconds, $this->soonest ?? 0.0], 'latest' => [Quantity::Seconds, $this->latest ?? 0.0],
        ];

        return match (true) {
            $this->onBottom || $this->soonest === null => null,
            $this->latest === null => Sentence::of('from {soonest}', $figures),
            round($this->soonest) === round($this->latest) => Sentence::of('{latest}', $figures),
            default => Sentence::of('{soonest#}–{latest}', $figures),
        };
    }

    public function says(): Sentence
    {
        $brief = $this->brief();
        if ($brief !== null) {
            return Sentence::all([Sentence::of('{body} on bottom:', ['body' => $this->body]), $brief]);
        }

        return $this->onBottom
            ? Sentence::of('lies on bottom as it is')
            : Sentence::of('sinks to {depth}', ['depth' => [Quantity::Depth, $this->depth]]);
    }

    /** What tells which is cleared first: the sooner it may touch; what fishes on bottom is there already, and last. */
    public function urgency(): float
    {
        return $this->onBottom ? INF : ($this->soonest ?? 1e6 - $this->depth);
    }
}
