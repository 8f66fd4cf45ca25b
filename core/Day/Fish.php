<?php

declare(strict_types=1);

namespace Admek\Core\Day;

use Admek\Core\InvalidValue;

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
     * @param  ?string  $condition  {@see \Admek\Core\Fish\Condition}
     */
    public function __construct(
        public ?string $species = null,
        public ?float $length = null,
        public ?float $girth = null,
        public ?float $weight = null,
        public ?string $note = null,
        public ?string $condition = null,
    ) {
    }

    /**
     * @param  float  $scale  kg, as it tells
     * @param  float  $net  kg of what hung in it besides
     *
     * @throws InvalidValue naming weight
     */
    public static function weighable(float $scale, float $net): void
    {
        InvalidValue::unlessBetween('weight', $scale, self::WEIGHT[0] + $net, self::WEIGHT[1] + $net, 'kg');
    }

    /** With more told of it; what is not told again stays. */
    public function after(Event $event): self
    {
        $scale = $event->figure('weight');

        return new self(
            $event->word('species') ?? $this->species, $event->figure('length') ?? $this->length,
            $event->figure('girth') ?? $this->girth, $scale === null ? $this->weight : $scale - ($event->figure('net') ?? 0.0),
            $event->word('note') ?? $this->note,
            $event->word('condition') ?? $this->condition,
        );
    }
}
