<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Medium;

use Admek\Core\InvalidValue;

/**
 * The water streaming past the boat, by depth: linear between the given depths, constant beyond them.
 * In still water it is the boat's speed through the water; with current, current(z) − velocity over ground.
 */
final readonly class Flow
{
    /**
     * @param  non-empty-list<float>  $depths  m, rising
     * @param  non-empty-list<float>  $aft  m/s, one per depth
     * @param  non-empty-list<float>  $starboard  m/s, one per depth
     */
    private function __construct(public array $depths, public array $aft, public array $starboard)
    {
    }

    /** @throws InvalidValue naming the field */
    public static function uniform(float $aft, float $starboard = 0.0): self
    {
        return self::ofLayers([['depth' => 0.0, 'aft' => $aft, 'starboard' => $starboard]]);
    }

    /**
     * @param  list<array{depth: float, aft: float, starboard: float}>  $layers  m and m/s
     *
     * @throws InvalidValue naming the layer and the field
     */
    public static function ofLayers(array $layers): self
    {
        $depths = $aft = $starboard = [];
        foreach ($layers as $i => $layer) {
            InvalidValue::unlessBetween("{$i}.depth", $layer['depth'], ...Layers::DEPTH, unit: 'm');
            InvalidValue::unlessBetween("{$i}.aft", $layer['aft'], ...Layers::SPEED, unit: 'm/s');
            InvalidValue::unlessBetween("{$i}.starboard", $layer['starboard'], ...Layers::SPEED, unit: 'm/s');
            if ($depths !== [] && $layer['depth'] <= $depths[count($depths) - 1]) {
                throw InvalidValue::because("{$i}.depth", 'deeper than the layer before it');
            }
            $depths[] = $layer['depth'];
            $aft[] = $layer['aft'];
            $starboard[] = $layer['starboard'];
        }
        if ($depths === []) {
            throw InvalidValue::because('', 'a list of at least one depth');
        }

        return new self($depths, $aft, $starboard);
    }

    public function isUniform(): bool
    {
        return count(array_unique($this->aft, SORT_REGULAR)) === 1 && count(array_unique($this->starboard, SORT_REGULAR)) === 1;
    }

    /** The same flow with the boat so much faster through the water (m/s). */
    public function faster(float $by): self
    {
        return new self($this->depths, array_map(static fn (float $speed): float => $speed + $by, $this->aft), $this->starboard);
    }

    /** The same flow with an unread current (m/s, aft) that grows from nothing at the surface to $by at $depth (m). */
    public function sheared(float $by, float $depth): self
    {
        $knots = array_unique([0.0, ...$this->depths, max($depth, 0.1)], SORT_REGULAR);
        sort($knots);
        $layers = [];
        foreach ($knots as $knot) {
            [$aft, $starboard] = $this->at($knot);
            $layers[] = ['depth' => $knot, 'aft' => $aft + $by * min(1.0, $knot / max($depth, 0.1)), 'starboard' => $starboard];
        }

        return self::ofLayers($layers);
    }

    /** @return array{float, float} aft and starboard, m/s, at a depth in m */
    public function at(float $depth): array
    {
        return Layers::at($this->depths, $this->aft, $this->starboard, $depth);
    }
}
