<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\Doubt\Doubts;
use Admek\Core\Towing\Lip;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\TowSolver;

/** Solves the diving area with which a lure runs at a rated point, as it was measured there in fresh water. */
final readonly class LipFit
{
    /** No lip is larger, m². */
    public const MOST_DOWN_AREA = 0.05;

    /** Height of the rod tip a rated point is taken to be measured from, m. */
    private const RATED_TIP = 1.0;

    private const CLOSE_ENOUGH = 0.002;

    private const MOST_ROUNDS = 40;

    private const MOST_SECANTS = 8;

    /** Lip over drag of a usual diving lure: where to start. */
    private const USUAL = 0.35;

    /**
     * @param  float  $dragArea  m² of the lure
     * @param  float  $weight  N in water
     */
    public function __construct(private RatedPoint $rated, private float $dragArea, private float $weight)
    {
    }

    /**
     * @return float m²
     *
     * @throws InvalidValue when no lip on this lure reaches the point, or it sinks deeper without one
     */
    public function exact(): float
    {
        $area = $this->near(self::USUAL * $this->dragArea);
        if ($area !== null) {
            return $area;
        }
        $depth = $this->depth(0.0);
        if ($depth > $this->rated->depth + self::CLOSE_ENOUGH) {
            throw self::cannot('more', $depth);
        }
        $depth = $this->depth(self::MOST_DOWN_AREA);
        if ($depth < $this->rated->depth) {
            throw self::cannot('less', $depth);
        }

        return $this->between();
    }

    /** The area that comes nearest, m²: what is typical of a kind need not be within reach of figures the captain entered. */
    public function nearest(): float
    {
        return $this->near(self::USUAL * $this->dragArea) ?? match (true) {
            $this->depth(0.0) >= $this->rated->depth => 0.0,
            $this->depth(self::MOST_DOWN_AREA) <= $this->rated->depth => self::MOST_DOWN_AREA,
            default => $this->between(),
        };
    }

    /**
     * How the fitted area follows what is doubted, fitted anew for each.
     *
     * @param  float  $downArea  m², as fitted without a doubt
     * @param  float  $depthDoubt  share of the rated depth
     */
    public function lip(float $downArea, float $depthDoubt): Lip
    {
        $share = static fn (self $fit): float => $downArea > 0.0 ? ($fit->near($downArea) ?? $fit->nearest()) / $downArea : 1.0;
        $dragged = fn (int $side): self => new self(
            $this->rated->withLineDrag(1 + $side * Doubts::NORMAL_DRAG), $this->dragArea, $this->weight,
        );
        $held = fn (int $side): self => new self($this->rated, $this->dragArea * (1 + $side * Doubts::LURE_DRAG), $this->weight);
        $deep = fn (int $side): self => new self(
            $this->rated->atDepth($this->rated->depth * (1 + $side * $depthDoubt)), $this->dragArea, $this->weight,
        );

        return new Lip(
            [$share($dragged(-1)), $share($dragged(1))],
            [$share($held(-1)), $share($held(1))],
            [$share($deep(-1)), $share($deep(1))],
        );
    }

    /** Secant from an area; null where that leads out of bounds or nowhere. */
    private function near(float $area): ?float
    {
        [$before, $at] = [$area, 1.1 * $area];
        [$missBefore, $miss] = [$this->depth($before) - $this->rated->depth, $this->depth($at) - $this->rated->depth];
        for ($i = 0; $i < self::MOST_SECANTS && abs($miss) > self::CLOSE_ENOUGH && $miss !== $missBefore; $i++) {
            $next = $at - $miss * ($at - $before) / ($miss - $missBefore);
            if ($next <= 0.0 || $next >= self::MOST_DOWN_AREA) {
                return null;
            }
            [$before, $missBefore] = [$at, $miss];
            [$at, $miss] = [$next, $this->depth($next) - $this->rated->depth];
        }

        return abs($miss) <= self::CLOSE_ENOUGH ? $at : null;
    }

    /** Regula falsi, Illinois variant, between no lip and the largest. */
    private function between(): float
    {
        [$low, $high] = [0.0, self::MOST_DOWN_AREA];
        [$lowMiss, $highMiss] = [$this->depth($low) - $this->rated->depth, $this->depth($high) - $this->rated->depth];
        for ($i = 0; $i < self::MOST_ROUNDS; $i++) {
            $area = $i % 4 === 3 ? 0.5 * ($low + $high) : ($low * $highMiss - $high * $lowMiss) / ($highMiss - $lowMiss);
            $miss = $this->depth($area) - $this->rated->depth;
            if (abs($miss) <= self::CLOSE_ENOUGH) {
                return $area;
            }
            if ($miss < 0.0) {
                [$low, $lowMiss, $highMiss] = [$area, $miss, 0.5 * $highMiss];
            } else {
                [$high, $highMiss, $lowMiss] = [$area, $miss, 0.5 * $lowMiss];
            }
        }

        return 0.5 * ($low + $high);
    }

    /** m the lure runs at with a lip of so many m². */
    private function depth(float $downArea): float
    {
        $line = LineStock::of(
            $this->rated->material,
            (float) array_key_first($this->rated->material->diameters()),
            $this->rated->lineDiameter,
            $this->rated->material->normalDrag() * $this->rated->lineDrag,
        );
        $solution = (new TowSolver)->solve(
            new Water(Rig::FRESH_WATER, Flow::uniform($this->rated->speed)),
            null,
            new TowLine(
                'rated',
                [0.0, 0.0, -self::RATED_TIP],
                [new Body(Lure::BODY, $this->weight, $this->dragArea, $downArea), $line->length($this->rated->lead)],
            ),
        );

        return $solution->bodies[Lure::BODY][2];
    }

    private static function cannot(string $than, float $depth): InvalidValue
    {
        return InvalidValue::because(
            'rated_depth', sprintf('a depth this lure can run at on that lead and speed (%s than %.1f m)', $than, $depth),
        );
    }
}
