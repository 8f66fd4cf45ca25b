<?php

declare(strict_types=1);

namespace Admek\Core\Spread;

use Admek\Core\InvalidValue;

/** The bottom under and ahead of the boat: one depth, or a profile along her course. */
final readonly class Bottom
{
    /** More places than any run needs, and a bound on what a file can ask for. */
    public const MOST_PLACES = 20000;

    /**
     * @param  list<float>  $along  m ahead of where the boat is now, rising
     * @param  list<float>  $depths  m
     */
    private function __construct(public array $along, public array $depths)
    {
    }

    /** @throws InvalidValue naming the field */
    public static function flat(float $depth): self
    {
        InvalidValue::unlessBetween('bottom', $depth, 0.5, 400, 'm');

        return new self([0.0], [$depth]);
    }

    /**
     * @param  list<array{along: float, depth: float}>  $places  in order along the course, straight between
     *
     * @throws InvalidValue naming the place
     */
    public static function profile(array $places): self
    {
        if ($places === [] || count($places) > self::MOST_PLACES) {
            throw InvalidValue::because('profile', 'from 1 to '.self::MOST_PLACES.' places');
        }
        $last = null;
        foreach ($places as $i => ['along' => $along, 'depth' => $depth]) {
            InvalidValue::unlessBetween("profile.{$i}.depth", $depth, 0, 400, 'm');
            InvalidValue::unlessBetween("profile.{$i}.along", $along, 0, 200000, 'm');
            if ($last !== null && $along <= $last) {
                throw InvalidValue::because("profile.{$i}.along", 'farther along than the place before it');
            }
            $last = $along;
        }

        return new self(array_column($places, 'along'), array_column($places, 'depth'));
    }

    /** The same course, the boat having gone so far along it (m); what lies astern is still under the gear for a while. */
    public function from(float $gone): self
    {
        return new self(array_map(static fn (float $along): float => $along - $gone, $this->along), $this->depths);
    }

    /** Depth of the bottom at a place along the course, the ends carried on level; m. */
    public function at(float $along): float
    {
        $last = count($this->along) - 1;
        for ($i = 0; $i < $last; $i++) {
            if ($along < $this->along[$i + 1]) {
                $share = ($along - $this->along[$i]) / ($this->along[$i + 1] - $this->along[$i]);

                return $this->depths[$i] + max(0.0, $share) * ($this->depths[$i + 1] - $this->depths[$i]);
            }
        }

        return $this->depths[$last];
    }

    /**
     * The least water under gear that runs at a depth so far behind the boat, over the whole course: between two places
     * the bottom is straight, so the least is at one of them or where the gear is now.
     *
     * @param  float  $depth  m
     * @param  float  $lag  m behind the boat
     * @return array{clearance: float, ahead: float} m; ahead is how far the boat has yet to go when it happens
     */
    public function clearance(float $depth, float $lag): array
    {
        $least = ['clearance' => $this->at(-$lag) - $depth, 'ahead' => 0.0];
        foreach ($this->along as $i => $along) {
            if ($along >= -$lag && $least['clearance'] > $this->depths[$i] - $depth) {
                $least = ['clearance' => $this->depths[$i] - $depth, 'ahead' => $along + $lag];
            }
        }

        return $least;
    }
}
