<?php

declare(strict_types=1);

namespace Admek\Core\Tackle;

use Admek\Core\InvalidValue;

/** A depth a lure is known to run at on a stated lead, line and speed: its box figure, or the captain's own. */
final readonly class RatedPoint
{
    /**
     * @param  float  $depth  m
     * @param  float  $lead  m from rod tip to lure
     * @param  float  $lineDiameter  m
     * @param  float  $speed  m/s
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public float $depth,
        public float $lead,
        public float $lineDiameter,
        public float $speed,
        public bool $trued = false,
    ) {
        InvalidValue::unlessBetween('rated_depth', $depth, 0.1, 30, 'm');
        InvalidValue::unlessBetween('rated_lead', $lead, 3, 200, 'm');
        InvalidValue::unlessBetween('rated_line_diameter', $lineDiameter, 0.0001, 0.002, 'm');
        InvalidValue::unlessBetween('rated_speed', $speed, 0.2, 4, 'm/s');
        if ($depth > 0.7 * $lead) {
            throw InvalidValue::because('rated_depth', 'at most 0.7 of the rated lead');
        }
    }
}
