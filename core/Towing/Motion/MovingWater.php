<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Layers;
use Admek\Core\Towing\Medium\Water;

/** Water over the ground: its density and its current by depth. */
final readonly class MovingWater
{
    /**
     * @param  float  $density  kg/m³
     * @param  non-empty-list<float>  $depths  m, rising
     * @param  non-empty-list<float>  $north  m/s, one per depth
     * @param  non-empty-list<float>  $east  m/s, one per depth
     */
    private function __construct(public float $density, public array $depths, public array $north, public array $east)
    {
    }

    /**
     * @param  float  $density  kg/m³
     * @param  list<array{depth: float, north: float, east: float}>  $current  m and m/s, by depth
     *
     * @throws InvalidValue naming the field, that of a layer by its number in the list
     */
    public static function of(float $density, array $current): self
    {
        InvalidValue::unlessBetween('density', $density, ...Water::DENSITY, unit: 'kg/m³');
        $depths = $north = $east = [];
        foreach ($current as $i => $layer) {
            InvalidValue::unlessBetween("current.{$i}.depth", $layer['depth'], ...Layers::DEPTH, unit: 'm');
            InvalidValue::unlessBetween("current.{$i}.north", $layer['north'], ...Layers::SPEED, unit: 'm/s');
            InvalidValue::unlessBetween("current.{$i}.east", $layer['east'], ...Layers::SPEED, unit: 'm/s');
            if ($depths !== [] && $layer['depth'] <= $depths[count($depths) - 1]) {
                throw InvalidValue::because("current.{$i}.depth", 'deeper than the layer before it');
            }
            [$depths[], $north[], $east[]] = [$layer['depth'], $layer['north'], $layer['east']];
        }
        if ($depths === []) {
            throw InvalidValue::because('current', 'a list of at least one depth');
        }

        return new self($density, $depths, $north, $east);
    }

    public static function still(float $density): self
    {
        return self::of($density, [['depth' => 0.0, 'north' => 0.0, 'east' => 0.0]]);
    }

    /**
     * The water that streams past a boat so, told over a ground that lies still under its surface: a current alike at every depth
     * is not felt.
     *
     * @param  float  $heading  radians, clockwise from north
     */
    public static function streaming(Water $water, float $heading): self
    {
        [$cos, $sin] = [cos($heading), sin($heading)];
        $flow = $water->flow;
        $current = [];
        foreach ($flow->depths as $i => $depth) {
            [$ahead, $aside] = [$flow->aft[0] - $flow->aft[$i], $flow->starboard[$i] - $flow->starboard[0]];
            $current[] = ['depth' => $depth, 'north' => $ahead * $cos - $aside * $sin, 'east' => $ahead * $sin + $aside * $cos];
        }

        return self::of($water->density, $current);
    }

    /** @return array{float, float} north and east, m/s, at a depth in m */
    public function at(float $depth): array
    {
        return Layers::at($this->depths, $this->north, $this->east, $depth);
    }

    public function isUniform(): bool
    {
        return count(array_unique($this->north, SORT_REGULAR)) === 1 && count(array_unique($this->east, SORT_REGULAR)) === 1;
    }

    /** The same water seen from something that moves over the ground with so much (m/s). */
    public function seenFrom(float $north, float $east): self
    {
        return new self(
            $this->density, $this->depths,
            array_map(static fn (float $speed): float => $speed - $north, $this->north),
            array_map(static fn (float $speed): float => $speed - $east, $this->east),
        );
    }

    /**
     * The water streaming past a boat that keeps her course.
     *
     * @param  float  $speed  m/s through the surface water, ahead
     * @param  float  $heading  radians, clockwise from north
     */
    public function past(float $speed, float $heading): Water
    {
        [$cos, $sin] = [cos($heading), sin($heading)];
        $flow = [];
        foreach ($this->depths as $i => $depth) {
            [$north, $east] = [$this->north[$i] - $this->north[0], $this->east[$i] - $this->east[0]];
            $flow[] = [
                'depth' => $depth,
                'aft' => $speed - $north * $cos - $east * $sin,
                'starboard' => $east * $cos - $north * $sin,
            ];
        }

        return new Water($this->density, Flow::ofLayers($flow));
    }
}
