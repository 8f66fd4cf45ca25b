<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp;

use Admek\Core\Towing\Doubt\Doubt;

/** A figure behind depths, as it was taken to be and as it has come out. */
final readonly class TruedFigure
{
    /**
     * @param  string  $owner  whose it is, as {@see Owners} names it
     * @param  float  $prior  share of it, or m/s of speed or current: one standard deviation before
     * @param  float  $at  such deviations off its default
     * @param  float  $deviation  one standard deviation now, in such deviations
     */
    public function __construct(
        public Doubt $doubt, public string $owner, public float $prior, public float $at, public float $deviation,
    ) {
    }

    /** What its default is multiplied by; of speed and current, m/s more. */
    public function now(): float
    {
        return $this->isOfWater() ? $this->prior * $this->at : exp($this->prior * $this->at);
    }

    /** Share of it, or m/s: one standard deviation now. */
    public function nowUnsure(): float
    {
        return $this->prior * $this->deviation;
    }

    public function key(): string
    {
        return TrueUp::key($this->doubt->value, $this->owner);
    }

    public function isOfWater(): bool
    {
        return $this->doubt === Doubt::Speed || $this->doubt === Doubt::Current;
    }
}
