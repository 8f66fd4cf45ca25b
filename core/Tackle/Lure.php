<?php

declare(strict_types=1);

namespace Admek\Core\Tackle;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\BodyRole;
use Admek\Core\Towing\Doubts;
use Admek\Core\Towing\Flow;
use Admek\Core\Towing\Reach;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolver;
use Admek\Core\Towing\Water;

/** What the fish sees. A diving lure's lip is known by the area that reproduces its rated point. */
final readonly class Lure
{
    /** The name its body goes by in every chain. */
    public const BODY = 'lure';

    /** Height of the rod tip a rated point is taken to be measured from, m. */
    private const RATED_TIP = 1.0;

    /** No lip is larger, m². */
    private const MOST_DOWN_AREA = 0.05;

    private function __construct(
        public LureKind $kind,
        public float $dragArea,
        public float $weight,
        public float $downArea,
        public float $diveDoubt,
        public ?RatedPoint $rated,
    ) {
    }

    /**
     * The default figures of a kind; a diving kind without a rated point is given a modest lip.
     *
     * @throws InvalidValue naming the field
     */
    public static function ofKind(LureKind $kind, ?float $dragArea = null, ?float $weight = null): self
    {
        $drag = $dragArea ?? $kind->dragArea();
        InvalidValue::unlessBetween('drag_area', $drag, 1e-5, 0.05, 'm²');
        InvalidValue::unlessBetween('weight', $weight ?? 0.0, -10, 50, 'N');

        return new self($kind, $drag, $weight ?? $kind->weight(), $kind->dives() ? 0.8 * $drag : 0.0, Doubts::DIVE_GUESSED, null);
    }

    /** The same lure with its lip's area known. */
    public function withDownArea(float $downArea, RatedPoint $rated): self
    {
        InvalidValue::unlessBetween('down_area', $downArea, 0, self::MOST_DOWN_AREA, 'm²');

        return new self($this->kind, $this->dragArea, $this->weight, $downArea, $rated->trued ? Doubts::DIVE_TRUED : Doubts::DIVE_RATED, $rated);
    }

    /**
     * The same lure with a lip the captain entered, as surely known as before.
     *
     * @throws InvalidValue naming the field
     */
    public function diving(float $downArea): self
    {
        InvalidValue::unlessBetween('down_area', $downArea, 0, self::MOST_DOWN_AREA, 'm²');

        return new self($this->kind, $this->dragArea, $this->weight, $downArea, $this->diveDoubt, $this->rated);
    }

    /** Its body in a chain; another rod's lure goes without a name. */
    public function namelessBody(): Body
    {
        return new Body(null, $this->weight, $this->dragArea, $this->downArea, 0.0, BodyRole::Lure);
    }

    /**
     * The same lure, its lip solved from a rated point in fresh water.
     *
     * @throws InvalidValue when no lip on this lure reaches the point, or it sinks deeper without one
     */
    public function ratedAt(RatedPoint $rated): self
    {
        $water = new Water(Rig::FRESH_WATER, Flow::uniform($rated->speed));
        $solver = new TowSolver;
        $line = new Body(self::BODY, $this->weight, $this->dragArea);
        $depthOf = static function (float $downArea) use ($water, $solver, $line, $rated): float {
            $chain = [
                new Body(self::BODY, $line->weight, $line->dragArea, $downArea),
                LineStock::of(Material::Nylon, 14, $rated->lineDiameter)->length($rated->lead),
            ];

            return $solver->solve($water, null, new TowLine('rated', [0.0, 0.0, -self::RATED_TIP], $chain))->bodies[self::BODY][2];
        };
        $reach = Reach::find($depthOf, $rated->depth, 0.0, self::MOST_DOWN_AREA);
        if (! $reach->reached) {
            throw InvalidValue::because('rated_depth', sprintf('a depth this lure can run at on that lead and speed (%s than %.1f m)', $reach->control > 0.0 ? 'less' : 'more', $reach->depth));
        }

        return $this->withDownArea($reach->control, $rated);
    }

    public function body(): Body
    {
        return new Body(self::BODY, $this->weight, $this->dragArea, $this->downArea, 0.0, BodyRole::Lure);
    }
}
