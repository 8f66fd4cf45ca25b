<?php

declare(strict_types=1);

namespace Admek\Core\Patterns;

/** How often it bites on one level of a factor: as it looks, and with all else alike. */
final readonly class Rate
{
    /** Quantiles that an interval of 80 % lies between. */
    public const ENDS = [0.1, 0.9];

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

    /** "0.42 an hour of one line (0.31–0.58)". */
    public function says(int $places = 2): string
    {
        [$rate, $low, $high] = array_map(
            static fn (float $figure): string => self::figure($figure, $places), [$this->rate, $this->low, $this->high],
        );

        return "{$rate} an hour of one line ({$low}–{$high})";
    }

    public static function figure(float $rate, int $places = 2): string
    {
        return number_format($rate, $places, '.', '');
    }

    public function isEarly(): bool
    {
        return $this->bites < self::EARLY;
    }
}
