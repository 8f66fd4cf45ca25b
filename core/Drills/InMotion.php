<?php

declare(strict_types=1);

namespace Admek\Core\Drills;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Towing\Motion\Course;

/** What is seen of a situation while it is decided: lines in the water, and what the boat does meanwhile. */
final readonly class InMotion
{
    /**
     * @param  list<PlannedLine>  $lines
     * @param  float  $lasts  s
     * @param  ?float  $bottom  m
     * @param  float  $begins  s that are seen before the decision: what comes of it is not given away
     */
    public function __construct(
        public array $lines, public Conditions $conditions, public Course $course, public float $lasts, public ?float $bottom,
        public float $begins = 8.0,
    ) {
    }
}
