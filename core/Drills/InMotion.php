<?php

declare(strict_types=1);

namespace Admek\Core\Drills;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Towing\Motion\Course;

/** What is seen of a situation while it is decided: lines in the water, and what the boat does meanwhile. */
final readonly class InMotion
{
    /** Of what comes, so much is seen before the decision: it begins, and what comes of it is not given away. */
    private const BEGINS = 0.25;

    /**
     * @param  list<PlannedLine>  $lines
     * @param  float  $lasts  s
     * @param  ?float  $bottom  m
     */
    public function __construct(
        public array $lines, public Conditions $conditions, public Course $course, public float $lasts, public ?float $bottom,
    ) {
    }

    /** s that are seen before the decision. */
    public function begins(): float
    {
        return floor(self::BEGINS * $this->lasts);
    }
}
