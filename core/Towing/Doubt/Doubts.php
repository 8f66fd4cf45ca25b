<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Doubt;

use Admek\Core\InvalidValue;

/**
 * How well the figures behind a depth are known: one standard deviation each, taken as independent (docs/towing-model.md, Doubt).
 */
final readonly class Doubts
{
    public const NORMAL_DRAG = 0.15;

    public const LURE_DRAG = 0.35;

    public const DIVE_GUESSED = 0.25;

    public const DIVE_RATED = 0.10;

    public const DIVE_TRUED = 0.05;

    public const DIVER_LIFT = 0.20;

    public const WEIGHT_DRAG = 0.15;

    public const LET_OUT = 0.03;

    public const LET_OUT_CALIBRATED = 0.01;

    /** 0.1 mph in m/s. */
    public const SPEED = 0.044704;

    /** 0.15 mph in m/s. */
    public const CURRENT = 0.067056;

    /**
     * @param  float  $lureDive  share of the lure's diving area
     * @param  float  $letOut  share of the length let out
     * @param  float  $current  m/s at the gear's depth; 0 when a probe was read there
     * @param  ?list<array<string, float>>  $axes  directions that are independent of one another, each a deviation long: so
     *                                             many deviations of each {@see Doubt}; null where each is by itself
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public float $lureDive = self::DIVE_GUESSED,
        public float $letOut = self::LET_OUT,
        public float $speed = self::SPEED,
        public float $current = self::CURRENT,
        public ?array $axes = null,
    ) {
        InvalidValue::unlessBetween('lure_dive', $lureDive, 0, 0.9);
        InvalidValue::unlessBetween('let_out', $letOut, 0, 0.9);
        InvalidValue::unlessBetween('speed', $speed, 0, 5, 'm/s');
        InvalidValue::unlessBetween('current', $current, 0, 5, 'm/s');
    }

    /**
     * The same along what is independent of one another.
     *
     * @param  list<array<string, float>>  $axes
     *
     * @throws InvalidValue
     */
    public function along(array $axes): self
    {
        return new self($this->lureDive, $this->letOut, $this->speed, $this->current, $axes);
    }

    /** One standard deviation: a share of the figure, or m/s of the water. */
    public function deviation(Doubt $doubt): float
    {
        return match ($doubt) {
            Doubt::LineDrag => self::NORMAL_DRAG,
            Doubt::LetOut => $this->letOut,
            Doubt::LureDrag => self::LURE_DRAG,
            Doubt::LureDive => $this->lureDive,
            Doubt::DiverLift => self::DIVER_LIFT,
            Doubt::WeightDrag => self::WEIGHT_DRAG,
            Doubt::Speed => $this->speed,
            Doubt::Current => $this->current,
        };
    }
}
