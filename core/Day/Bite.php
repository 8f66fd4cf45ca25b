<?php

declare(strict_types=1);

namespace Admek\Core\Day;

use Admek\Core\Records\Outcome;

/** A bite, with what came of it so far. */
final readonly class Bite
{
    /** What is told of a fish, in SI, by the events that end its bite. */
    public const FIGURES = ['species', 'length', 'girth', 'weight', 'note'];

    /**
     * @param  string  $id  of the event
     * @param  float  $at  s since 1970 UTC
     * @param  bool  $ended  whether anybody told what came of it
     * @param  ?bool  $kept  the fish; null where it was neither told kept nor released
     * @param  array<string, mixed>  $fish  its figures, as far as they are told
     */
    public function __construct(
        public string $id,
        public string $holder,
        public float $at,
        public Outcome $outcome = Outcome::Hooked,
        public bool $ended = false,
        public ?bool $kept = null,
        public array $fish = [],
    ) {
    }

    /** With one more thing told of it; what is not told again stays. */
    public function after(Event $event): self
    {
        $told = array_filter(
            array_intersect_key($event->tells, array_flip(self::FIGURES)), static fn (mixed $figure): bool => $figure !== null,
        );

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
            $told + $this->fish,
        );
    }
}
