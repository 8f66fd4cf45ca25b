<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

use Admek\Core\InvalidValue;

/** What is forecast from a clock time until the next; null is not known, which is not the same as calm. */
final readonly class ForecastHour
{
    /** Least, most and unit by figure. */
    public const RANGES = [
        'at' => [-1440, 2880, 'min'],
        'wind' => [0, 80, 'm/s'],
        'gust' => [0, 100, 'm/s'],
        'from' => [0, 360, '°'],
        'wave' => [0, 20, 'm'],
        'visibility' => [0, 100000, 'm'],
    ];

    /**
     * @param  int  $at  minutes after midnight of the trip's day; may be before it or after the next
     * @param  ?float  $wind  m/s
     * @param  ?float  $gust  m/s
     * @param  ?float  $from  degrees true the wind blows from
     * @param  ?float  $wave  m, significant height
     * @param  ?float  $visibility  m
     * @param  ?bool  $lightning  whether any is forecast
     * @param  ?bool  $front  whether a front passes
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public int $at,
        public ?float $wind = null,
        public ?float $gust = null,
        public ?float $from = null,
        public ?float $wave = null,
        public ?float $visibility = null,
        public ?bool $lightning = null,
        public ?bool $front = null,
    ) {
        foreach (self::RANGES as $field => [$least, $most, $unit]) {
            if ($this->{$field} !== null) {
                InvalidValue::unlessBetween($field, $this->{$field}, $least, $most, $unit);
            }
        }
    }

    /** What it says of a criterion: a figure, or 1 for yes and 0 for no; null where it does not say. */
    public function of(Criterion $criterion): ?float
    {
        return match ($criterion) {
            Criterion::Wind => $this->wind,
            Criterion::Gust => $this->gust,
            Criterion::Wave => $this->wave,
            Criterion::Visibility => $this->visibility,
            Criterion::Lightning => $this->lightning === null ? null : (float) $this->lightning,
            Criterion::Front => $this->front === null ? null : (float) $this->front,
            Criterion::WaterTemperature, Criterion::Distance => null,
        };
    }
}
