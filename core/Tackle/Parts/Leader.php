<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\Element;

/** The last length to the lure: nylon floats a slow bait up, fluorocarbon sinks and hides. */
final readonly class Leader
{
    /**
     * @param  float  $length  m
     * @param  ?float  $attractorDrag  m², where the captain knows better than the default
     * @param  ?float  $attractorMass  kg, likewise
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public LineStock $stock, public float $length, public ?Attractor $attractor = null, private ?float $attractorDrag = null,
        private ?float $attractorMass = null,
    ) {
        InvalidValue::unlessBetween('leader_length', $length, 0, 30, 'm');
    }

    /** @return list<Element> the leader, and what flashes at its head */
    public function parts(): array
    {
        $line = $this->stock->length($this->length);

        return $this->attractor === null ? [$line] : [$line, $this->attractor->body($this->attractorDrag, $this->attractorMass)];
    }
}
