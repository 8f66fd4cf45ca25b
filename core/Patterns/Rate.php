<?php

declare(strict_types=1);

namespace Admek\Core\Patterns;

/** How often it bites on one level of a factor: as it looks, and with all else alike. */
final readonly class Rate
{
    /** Bites under which it is too early to say. */
    public const EARLY = 3;

    /**
     * @param  float  $hours  of lines, fished so
     * @param  float  $rate  bites an hour of one line, drawn toward the boat's mean
     * @param  float  $low  of 80 %
     * @param  float  $high  of 80 %
     * @param  ?float  $times  as many as usual, all else alike; null where nothing is told apart
     * @param  ?float  $timesLow  of 80 %
     * @param  ?float  $timesHigh  of 80 %
     */
    public function __construct(
        public string $level, public float $hours, public int $bites, public float $rate, public float $low, public float $high,
        public ?float $times, public ?float $timesLow, public ?float $timesHigh,
    ) {
    }

    public function isEarly(): bool
    {
        return $this->bites < self::EARLY;
    }
}
