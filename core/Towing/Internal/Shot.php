<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Element;
use Closure;

/**
 * Marches a chain in a turn from a free end held somewhere, and tells by how much that misses what tows it.
 *
 * The circles of the turn are the co-ordinates: R·ln(r/R) outward and R·θ along, which for a wide turn are metres to the
 * side and aft, and in which the water streams the same way everywhere. Where it also does at every depth, the angle
 * is free: the shape found anywhere on the circle is turned to its place. Above the surface stands for the hold an end
 * wants there instead.
 *
 * @phpstan-import-type Point from Shooting
 */
final class Shot
{
    /** By so many radii outward or inward, in these co-ordinates, nothing is looked for. */
    private const FARTHEST = 30.0;

    /** m along the circle from what tows the chain to where it would have to be, as last marched. */
    private float $beside = 0.0;

    /** N the free end is held down with. */
    private float $support = 0.0;

    private readonly float $floor;

    /**
     * @param  list<Element>  $elements
     * @param  float  $hold  N for each metre above the surface
     * @param  array{float, float, float}  $from  what tows it, m
     * @param  ?Closure(): array{float, float}  $foot  where, with the march at the chain's top, what tows it would lie; null
     *   where the top does itself
     * @param  bool  $round  whether the angle is free
     */
    public function __construct(
        private readonly March $march,
        private readonly array $elements,
        private readonly float $hold,
        private readonly array $from,
        private readonly ?Closure $foot,
        private readonly bool $round,
        private readonly ?BendStep $step,
    ) {
        $this->floor = $elements[0] instanceof Body ? 0.0 : -INF;
    }

    /**
     * @param  Point  $at  where the free end lies from what tows it: outward, along, down, and how much of the turn is made; m
     * @return Point m
     *
     * @throws CannotTow
     */
    public function miss(array $at, ?float $grain = null): array
    {
        [$outward, $along, $down, $turned] = $at;
        $this->step?->take($this->march->stream, $turned);
        [$cx, $cy] = $this->march->stream->centre();
        $radius = hypot($cx, $cy);
        if (! (abs($outward) < self::FARTHEST * $radius)) {
            throw CannotTow::noBalance();
        }
        [$dx, $dy] = [$this->from[0] - $cx, $this->from[1] - $cy];
        $distance = hypot($dx, $dy) * exp($outward / $radius);
        $bearing = atan2($dy, $dx) + $along / $radius;
        $depth = $this->from[2] + $down;
        $this->support = max(0.0, ($this->floor - $depth) * $this->hold);
        $this->march->run(
            $this->elements,
            $cx + $distance * cos($bearing),
            $cy + $distance * sin($bearing),
            max($depth, $this->floor),
            $this->support,
            $grain,
        );
        [$x, $y] = $this->foot === null ? [$this->march->x, $this->march->y] : ($this->foot)();
        $angle = atan2($y - $cy, $x - $cx) - atan2($dy, $dx);
        $this->beside = $radius * ($angle - 2 * M_PI * round($angle / (2 * M_PI)));

        return [
            $radius * log(hypot($x - $cx, $y - $cy) / hypot($dx, $dy)),
            $this->round ? 0.0 : $this->beside,
            $this->march->z - $this->from[2],
            $this->step?->miss($at) ?? 0.0,
        ];
    }

    public function support(): float
    {
        return $this->support;
    }

    /** Turns the chain as last marched to its place, where the angle is free; tells by how much, m along the circle. */
    public function turnHome(): float
    {
        if (! $this->round) {
            return 0.0;
        }
        [$cx, $cy] = $this->march->stream->centre();
        $this->march->rotate($cx, $cy, -$this->beside / hypot($cx, $cy));

        return $this->beside;
    }
}
