<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

use Admek\Core\InvalidValue;
use Admek\Core\Units\Units;

/** A depth a lure is known to run at on a stated lead, line and speed: its box figure, or the captain's own. */
final readonly class RatedPoint
{
    /**
     * @param  float  $depth  m
     * @param  float  $lead  m from rod tip to lure
     * @param  float  $lineDiameter  m
     * @param  float  $speed  m/s
     * @param  bool  $trued  whether the captain measured it
     * @param  float  $lineDrag  of the line it was measured on, as a share of what is usual
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public float $depth,
        public float $lead,
        public float $lineDiameter,
        public float $speed,
        public bool $trued = false,
        public Material $material = Material::Nylon,
        public float $lineDrag = 1.0,
    ) {
        InvalidValue::unlessBetween('rated_depth', $depth, 0.1, 30, 'm');
        InvalidValue::unlessBetween('rated_lead', $lead, 3, 200, 'm');
        InvalidValue::unlessBetween('rated_line_diameter', $lineDiameter, 0.0001, 0.002, 'm');
        InvalidValue::unlessBetween('rated_speed', $speed, 0.2, 4, 'm/s');
        if ($depth > 0.7 * $lead) {
            throw InvalidValue::because('rated_depth', 'at most 0.7 of the rated lead');
        }
    }

    /**
     * As boxes commonly give it: on 100 ft of 12 lb nylon at 2 mph.
     *
     * @param  float  $depth  m
     *
     * @throws InvalidValue naming the field
     */
    public static function onTheBox(float $depth): self
    {
        return new self($depth, 100 * Units::FOOT, 0.35e-3, 2 * Units::MPH);
    }

    /** The same point, had its line dragged by so much more or less. */
    public function withLineDrag(float $share): self
    {
        return new self($this->depth, $this->lead, $this->lineDiameter, $this->speed, $this->trued, $this->material, $share);
    }

    /** The same lead and speed with another depth, m, within what a point can be. */
    public function atDepth(float $depth): self
    {
        return new self(
            max(0.1, min($depth, 30.0, 0.7 * $this->lead)),
            $this->lead,
            $this->lineDiameter,
            $this->speed,
            $this->trued,
            $this->material,
            $this->lineDrag,
        );
    }
}
