<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Medium;

use Admek\Core\InvalidValue;

/**
 * Current by depth under a boat on a heading. What it does to the gear is its difference from the surface current:
 * the boat's speed through the water, read at the surface, has that one in it already (docs/towing-model.md, Frame).
 */
final readonly class Current
{
    /** m/s: least and most. */
    public const DRIFT = [0, 3];

    /** Degrees of a heading or a set. */
    public const BEARING = [0, 360];

    /** m down to a current that is tried there. */
    public const DEEP = [1, 300];

    /**
     * @param  non-empty-list<array{depth: float, set: float, drift: float}>  $layers  m, degrees true toward which it sets, m/s
     */
    private function __construct(public float $heading, public array $layers)
    {
    }

    /**
     * @param  float  $heading  degrees true
     * @param  list<array{depth: float, set: float, drift: float}>  $layers  the first at the surface, deeper ones below
     *
     * @throws InvalidValue naming the field
     */
    public static function of(float $heading, array $layers): self
    {
        InvalidValue::unlessBetween('heading', $heading, ...self::BEARING, unit: 'degrees');
        if ($layers === [] || $layers[0]['depth'] !== 0.0) {
            throw InvalidValue::because('layers', 'a list that begins at the surface');
        }
        foreach ($layers as $i => $layer) {
            InvalidValue::unlessBetween("layers.{$i}.set", $layer['set'], ...self::BEARING, unit: 'degrees');
            InvalidValue::unlessBetween("layers.{$i}.drift", $layer['drift'], ...self::DRIFT, unit: 'm/s');
        }

        return new self($heading, $layers);
    }

    /**
     * The water past the boat at each depth.
     *
     * @param  float  $speed  m/s through the surface water, ahead
     *
     * @throws InvalidValue when the depths do not go down
     */
    public function flow(float $speed): Flow
    {
        [$ahead, $aside] = $this->components($this->layers[0]);
        $flow = [];
        foreach ($this->layers as $layer) {
            [$forward, $starboard] = $this->components($layer);
            $flow[] = ['depth' => $layer['depth'], 'aft' => $speed - ($forward - $ahead), 'starboard' => $starboard - $aside];
        }

        return Flow::ofLayers($flow);
    }

    /**
     * @param  array{depth: float, set: float, drift: float}  $layer
     * @return array{float, float} m/s ahead and to starboard of the boat
     */
    private function components(array $layer): array
    {
        $relative = deg2rad($layer['set'] - $this->heading);

        return [$layer['drift'] * cos($relative), $layer['drift'] * sin($relative)];
    }
}
