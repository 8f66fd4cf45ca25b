<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use Admek\Core\Towing\Internal\Nudge;
use Admek\Core\Towing\Internal\SteadyTow;
use Closure;

/**
 * How sure a depth is: central differences over each independent doubt, added in squares (02 §9).
 */
final readonly class DepthDoubt
{
    /** Differences forgive a step twice the working one: its error is the same on both sides. */
    private const FINENESS = 0.5;

    /**
     * @param  float  $deviation  m, one standard deviation
     * @param  array<string, float>  $parts  m by doubt, largest first
     */
    private function __construct(public float $deviation, public array $parts)
    {
    }

    /**
     * @param  string  $body  whose depth is doubted
     *
     * @throws CannotTow when the line itself cannot be towed
     */
    public static function of(Water $water, TowLine $line, string $body, Doubts $doubts, ?Turn $turn = null): self
    {
        $nominal = new SteadyTow($water, $turn, $line, new Nudge, self::FINENESS);
        $nominal->solve();
        $depth = static function (Water $water, Nudge $nudge) use ($line, $turn, $body, $nominal): float {
            $tow = new SteadyTow($water, $turn, $line, $nudge, self::FINENESS);
            $tow->solveLike($nominal);

            return $tow->depthOf($body);
        };
        $half = static fn (Closure $at): float => self::half($at, $nominal->depthOf($body));

        $parts = [];
        foreach (self::nudges($line, $doubts) as $name => $nudge) {
            $parts[$name] = $half(static fn (float $sign): float => $depth($water, $nudge($sign)));
        }
        $parts['speed'] = $half(static fn (float $sign): float => $depth($water->flowing($water->flow->faster($sign * $doubts->speed)), new Nudge));
        if ($doubts->current > 0.0) {
            $at = max($nominal->depthOf($body), 0.1);
            $parts['current'] = $half(static fn (float $sign): float => $depth($water->flowing($water->flow->sheared($sign * $doubts->current, $at)), new Nudge));
        }
        arsort($parts);

        return new self(sqrt(array_sum(array_map(static fn (float $part): float => $part * $part, $parts))), $parts);
    }

    /**
     * Half the difference a doubt makes, up and down; the whole depth where it leaves no steady shape on one side.
     *
     * @param  Closure(float): float  $at
     */
    private static function half(Closure $at, float $depth): float
    {
        try {
            return 0.5 * abs($at(1.0) - $at(-1.0));
        } catch (CannotTow) {
            return $depth;
        }
    }

    /**
     * The nudges that mean something on this chain.
     *
     * @return array<string, Closure(float): Nudge>
     */
    private static function nudges(TowLine $line, Doubts $doubts): array
    {
        $nudges = [
            'line_drag' => static fn (float $s): Nudge => new Nudge(normalDrag: 1 + $s * Doubts::NORMAL_DRAG),
            'let_out' => static fn (float $s): Nudge => new Nudge(letOut: 1 + $s * $doubts->letOut),
        ];
        foreach (self::bodies($line->chain) as $body) {
            if ($body->role === BodyRole::Lure) {
                $nudges['lure_drag'] = static fn (float $s): Nudge => new Nudge(lureDrag: 1 + $s * Doubts::LURE_DRAG);
                if ($body->downArea !== 0.0) {
                    $nudges['lure_dive'] = static fn (float $s): Nudge => new Nudge(lureDive: 1 + $s * $doubts->lureDive);
                }
            } elseif ($body->role === BodyRole::Diver) {
                $nudges['diver_lift'] = static fn (float $s): Nudge => new Nudge(diverLift: 1 + $s * Doubts::DIVER_LIFT);
            } elseif ($body->role === BodyRole::Weight) {
                $nudges['weight_drag'] = static fn (float $s): Nudge => new Nudge(weightDrag: 1 + $s * Doubts::WEIGHT_DRAG);
            }
        }

        return $nudges;
    }

    /**
     * @param  list<Element>  $elements
     * @return list<Body>
     */
    private static function bodies(array $elements): array
    {
        $bodies = [];
        foreach ($elements as $element) {
            if ($element instanceof Body) {
                $bodies[] = $element;
            } elseif ($element instanceof Branch) {
                $bodies = [...$bodies, ...self::bodies($element->elements)];
            }
        }

        return $bodies;
    }
}
