<?php

declare(strict_types=1);

namespace Admek\Core\Day;

use Admek\Core\Records\Outcome;

/** A bite, with what came of it so far. */
final readonly class Bite
{
    /**
     * @param  string  $id  of the event
     * @param  float  $at  s since 1970 UTC
     * @param  bool  $ended  whether anybody told what came of it
     * @param  ?bool  $kept  the fish; null where it was neither told kept nor released
     */
    public function __construct(
        public string $id,
        public string $holder,
        public float $at,
        public Outcome $outcome = Outcome::Hooked,
        public bool $ended = false,
        public ?bool $kept = null,
        public Fish $fish = new Fish,
    ) {
    }

    /** What is left to tell: what came of it, or of a fish that was landed its kind and where it went; null where nothing is. */
    public function untold(): ?string
    {
        $left = array_keys(array_filter([
            'of what kind' => $this->fish->species === null, 'whether it was kept' => $this->kept === null,
        ]));

        return match (true) {
            ! $this->ended => 'what came of it was not told.',
            $this->outcome === Outcome::Landed && $left !== [] => 'landed; '.implode(' and ', $left).' was not told.',
            default => null,
        };
    }

    /** With one more thing told of it; what is not told again stays. */
    public function after(Event $event): self
    {
        return new self(
            $this->id, $this->holder, $this->at, match ($event->kind) {
                // What is kept or let go was landed.
                EventKind::Kept, EventKind::Released => Outcome::Landed,
                default => $event->kind->outcome() ?? $this->outcome,
            },
            $this->ended || $event->kind !== EventKind::Hooked,
            match ($event->kind) {
                EventKind::Kept => true,
                EventKind::Released => false,
                default => $this->kept,
            },
            $this->fish->after($event),
        );
    }
}
