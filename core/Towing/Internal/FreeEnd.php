<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Load;
use Closure;

/**
 * Finds where a chain's free end runs so that its top lands where it is towed from.
 *
 * On a straight course depth alone settles it ({@see DepthSearch}). In a turn the water differs from place to place, and all
 * three co-ordinates are shot for ({@see Shooting}), from where the end lay in a wider turn. What is found is kept as the
 * next start. An end that would ride above the water is held at the surface by whatever part of its weight or float the
 * water no longer carries.
 *
 * @phpstan-import-type Point from Shooting
 */
final class FreeEnd
{
    /** Accepted miss at the top on the way into a turn, m: places that are only passed, or marched coarsely. */
    private const FOLLOWED = 0.01;

    /** N the free end is held down with at the surface. */
    private float $support = 0.0;

    /**
     * Where the end was found to lie from what it is towed from, m, by the circles of the turn: inward or outward, along,
     * down (docs/towing-model.md, Turns). Above the surface, the hold it wants there instead, at $hold newtons a metre.
     *
     * @var array{float, float, float}|null
     */
    private ?array $offset = null;

    /** @var array{float, float, float} the same as last found on a straight course: aft, to starboard, down */
    private array $straight = [0.0, 0.0, 0.0];

    private float $hold = 1.0;

    /** A chain too short to reach the water hangs the same in every turn. */
    private bool $dry = false;

    private readonly DepthSearch $search;

    private readonly Shooting $shooting;

    /** The same, where the turn itself is left free. */
    private readonly Shooting $following;

    private int $effort = 0;

    /** @param  list<Element>  $elements */
    public function __construct(public readonly March $march, public readonly array $elements)
    {
        $this->search = new DepthSearch($march, $elements);
        $this->shooting = new Shooting;
        $this->following = new Shooting;
    }

    /** Starts the next placing from where a like chain, in like water, was found to lie. */
    public function startLike(self $other): void
    {
        $this->search->startLike($other->search);
        [$this->offset, $this->straight, $this->hold, $this->dry] = [$other->offset, $other->straight, $other->hold, $other->dry];
        $this->shooting->startLike($other->shooting);
        $this->march->startBranchesLike($other->march);
    }

    /**
     * Leaves the march at the top of the chain, placed with its top at a point, m.
     *
     * @throws CannotTow when it has no steady shape
     */
    public function place(float $x, float $y, float $z, ?float $grain = null): void
    {
        if ($this->march->stream->swirl === 0.0 || $this->dry) {
            $this->placeStraight($x, $y, $z, $grain);
        } elseif ($this->shoot([$x, $y, $z], null, $this->offset(), grain: $grain) === null) {
            throw CannotTow::noBalance();
        }
    }

    /**
     * The same in a turn, where what tows it may itself lie where the chain pulls it.
     *
     * @param  array{float, float, float}  $from  what tows it, m
     * @param  ?Closure(): array{float, float}  $foot  where, with the march at the chain's top, what tows it would lie; null
     *   where the top does itself
     * @param  array{float, float, float}  $start  where to look for the end, by the circles of the turn ({@see Shot})
     * @param  bool  $round  whether only the distance from the turn's centre matters to $foot
     * @param  ?BendStep  $step  the turn is left free within this step, and found with the place; null for the turn as it is
     * @return array{float, float, float}|null where the end was found; null where it was not, the march then left anywhere
     */
    public function shoot(
        array $from, ?Closure $foot, array $start, bool $round = true, ?BendStep $step = null, ?float $grain = null,
    ): ?array {
        $round = $round && $this->march->stream->isRound();
        $shot = new Shot($this->march, $this->elements, $this->hold, $from, $foot, $round, $step);
        $axes = [0, ...($round ? [] : [1]), 2, ...($step === null ? [] : [3])];
        $shooting = $step === null ? $this->shooting : $this->following;
        $found = $shooting->over($axes)->aim(
            $shot->miss(...),
            [...$start, $step->sought[3] ?? 0.0],
            $this->march->stream->coarseness > 1.0 || $step !== null ? self::FOLLOWED : DepthSearch::MISS,
            DepthSearch::LEAP,
        );
        $this->effort = $shooting->evaluations;
        if ($found === null) {
            return null;
        }
        if ($grain !== null) {
            $shot->miss($found, $grain);
        }
        $this->support = $shot->support();
        $this->offset = [$found[0], $found[1] - $shot->turnHome(), $found[2]];
        $this->flagSurfaced();

        return $this->offset;
    }

    /**
     * Where the end was last found, by the circles of the turn the stream now makes, m.
     *
     * @return array{float, float, float}
     */
    public function offset(): array
    {
        if ($this->offset === null) {
            // Along the stream on a straight course is along the circle in a turn.
            [$cx, $cy] = $this->march->stream->centre();
            $radius = hypot($cx, $cy);
            [$aft, $starboard, $down] = $this->straight;
            $this->offset = [-($aft * $cx + $starboard * $cy) / $radius, ($aft * $cy - $starboard * $cx) / $radius, $down];
        }

        return $this->offset;
    }

    /** Marches the last shot took. */
    public function effort(): int
    {
        return $this->effort;
    }

    public function isDry(): bool
    {
        return $this->dry;
    }

    private function placeStraight(float $x, float $y, float $top, ?float $grain): void
    {
        $this->support = 0.0;
        $this->dry = false;
        $floats = $this->elements[0] instanceof Body;
        $end = $this->search->depth($top, $floats ? 0.0 : -INF);
        if ($end === null) {
            $support = $this->search->support($top);
            $this->support = $support ?? 0.0;
            // Too short to reach the water even hanging straight down: it hangs in the air.
            $end = $support === null ? $this->search->depth($top, -INF) ?? 0.0 : 0.0;
            $this->dry = $support === null;
        }
        if ($grain !== null) {
            $this->march->run($this->elements, 0.0, 0.0, $end, $this->support, $grain);
        }
        $march = $this->march;
        $this->hold = max(0.05, 0.1 * hypot($march->fx, $march->fy));
        $this->straight = [-$march->x, -$march->y, $end - $top - $this->support / $this->hold];
        $this->offset = null;
        $march->shift($x - $march->x, $y - $march->y);
        $this->flagSurfaced();
    }

    /**
     * The loads along a chain placed while recording, part by part from the free end: each is the difference the part
     * makes to what the march carries.
     *
     * @return list<Load>
     */
    public function loads(): array
    {
        $loads = [];
        $before = [0.0, 0.0, -$this->support];
        foreach ($this->elements as $i => $element) {
            [$fx, $fy, $fz, $depth] = $this->march->pulls[$i];
            $across = hypot($fx, $fy);
            $loads[] = new Load(
                match (true) {
                    $element instanceof Body => 'body',
                    $element instanceof Line => 'line',
                    default => 'branch',
                },
                $element instanceof Body ? $element->name : null,
                $element instanceof Line ? $element->length : 0.0,
                [$fx - $before[0], $fy - $before[1], $fz - $before[2]],
                hypot($across, $fz),
                rad2deg(atan2($fz, $across)),
                $depth,
            );
            $before = [$fx, $fy, $fz];
        }

        return $loads;
    }

    private function flagSurfaced(): void
    {
        $first = $this->elements[0];
        if ($this->support > 0.0 && $first instanceof Body && $first->name !== null) {
            $this->march->surfaced[] = $first->name;
        }
        foreach ($this->march->bodies as $name => $place) {
            if ($place[2] < -DepthSearch::MISS && ! in_array($name, $this->march->surfaced, true)) {
                $this->march->surfaced[] = $name;
            }
            if ($place[2] < 0.0) {
                $this->march->bodies[$name] = [$place[0], $place[1], 0.0];
            }
        }
    }
}
