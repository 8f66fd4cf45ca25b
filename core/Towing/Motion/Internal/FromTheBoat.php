<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion\Internal;

use Admek\Core\Towing\Motion\Course;
use Admek\Core\Towing\Motion\MovingWater;

/** The boat's frame at a time of her course, over the ground. */
final readonly class FromTheBoat
{
    /**
     * @param  float  $turning  radians a second
     */
    private function __construct(
        private float $north, private float $east, private float $vn, private float $ve,
        private float $cos, private float $sin, private float $turning,
    ) {
    }

    public static function at(Course $course, MovingWater $water, float $time): self
    {
        [$speed, $heading] = $course->at($time);
        [$north, $east] = $course->place($time);
        [$cos, $sin] = [cos($heading), sin($heading)];
        // The rudder as it was up to now: backward differences look back.
        $back = 1e-6;
        $turning = $time > $back ? ($heading - $course->at($time - $back)[1]) / $back : 0.0;

        return new self(
            $north + $water->north[0] * $time, $east + $water->east[0] * $time,
            $water->north[0] + $speed * $cos, $water->east[0] + $speed * $sin, $cos, $sin, $turning,
        );
    }

    /**
     * @param  array{float, float, float}  $point  m aft, starboard, down
     * @return array{float, float, float, float, float} m north, east, down, and m/s north, east
     */
    public function point(array $point): array
    {
        [$aft, $starboard, $down] = $point;
        $n = -$aft * $this->cos - $starboard * $this->sin;
        $e = -$aft * $this->sin + $starboard * $this->cos;

        return [$this->north + $n, $this->east + $e, $down, $this->vn - $this->turning * $e, $this->ve + $this->turning * $n];
    }

    /** @return array{float, float, float} m aft, starboard, down */
    public function seen(float $north, float $east, float $down): array
    {
        [$n, $e] = [$north - $this->north, $east - $this->east];

        return [-$n * $this->cos - $e * $this->sin, -$n * $this->sin + $e * $this->cos, $down];
    }
}
