<?php

declare(strict_types=1);

namespace Admek\Core\Day;

/** A fish, as far as it was told. */
final readonly class Fish
{
    /** m, kg of a fish anybody lands. */
    public const LENGTH = [0.05, 2.5];

    public const GIRTH = [0.02, 2];

    public const WEIGHT = [0.02, 60];

    /**
     * @param  ?float  $length  m
     * @param  ?float  $girth  m
     * @param  ?float  $weight  kg
     */
    public function __construct(
        public ?string $species = null,
        public ?float $length = null,
        public ?float $girth = null,
        public ?float $weight = null,
        public ?string $note = null,
    ) {
    }

    /** With more told of it; what is not told again stays. */
    public function after(Event $event): self
    {
        return new self(
            $event->word('species') ?? $this->species, $event->figure('length') ?? $this->length,
            $event->figure('girth') ?? $this->girth, $event->figure('weight') ?? $this->weight,
            $event->word('note') ?? $this->note,
        );
    }
}
