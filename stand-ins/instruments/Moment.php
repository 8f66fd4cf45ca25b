<?php

declare(strict_types=1);

namespace StandIns\Instruments;

use Admek\Core\Ground\Place;

/** The demo boat at a second of her sailing, as it truly is. */
final readonly class Moment
{
    /**
     * @param  int  $at  s under way
     * @param  float  $heading  ° true
     * @param  float  $turn  °/s to starboard
     * @param  float  $speed  m/s through the water
     * @param  float  $ground  m/s
     * @param  float  $course  ° true, over the ground
     * @param  float  $depth  m of water
     */
    public function __construct(
        public int $at, public Place $place, public float $heading, public float $turn, public float $speed, public float $ground,
        public float $course, public float $depth,
    ) {
    }
}
