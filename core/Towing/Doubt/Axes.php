<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Doubt;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\BodyRole;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\TowLine;

/** What is in doubt on a line, as directions that are independent of one another. */
final class Axes
{
    /** Deviations that move nothing. */
    private const NOTHING = 1e-9;

    /**
     * @return list<array<string, float>> each a deviation long: so many deviations by {@see Doubt}
     */
    public static function of(TowLine $line, Doubts $doubts): array
    {
        $about = array_column(self::about($line, $doubts), 'value');
        if ($doubts->axes === null) {
            return array_map(static fn (string $doubt): array => [$doubt => 1.0], $about);
        }

        return array_values(array_filter(
            array_map(static fn (array $axis): array => array_intersect_key($axis, array_flip($about)), $doubts->axes),
            static fn (array $axis): bool => max(0.0, 0.0, ...array_map(abs(...), array_values($axis))) > self::NOTHING,
        ));
    }

    /**
     * What each doubt makes of the whole: the variance along an axis is told to those it mixes by their shares in it.
     *
     * @param  list<array<string, float>>  $axes
     * @param  list<float>  $variances  m² along each
     * @return array<string, float> m by doubt, largest first
     */
    public static function parts(array $axes, array $variances): array
    {
        $parts = [];
        foreach ($axes as $i => $axis) {
            $length = array_sum(array_map(static fn (float $share): float => $share * $share, $axis));
            foreach ($axis as $doubt => $share) {
                $parts[$doubt] = ($parts[$doubt] ?? 0.0) + $share * $share / $length * $variances[$i];
            }
        }
        $parts = array_map(sqrt(...), $parts);
        arsort($parts);

        return $parts;
    }

    /**
     * The doubts that mean something on this line.
     *
     * @return list<Doubt>
     */
    public static function about(TowLine $line, Doubts $doubts): array
    {
        $about = [Doubt::LineDrag, Doubt::LetOut, Doubt::Speed, ...($doubts->current > 0.0 ? [Doubt::Current] : [])];
        foreach (self::bodies($line->chain) as $body) {
            array_push($about, ...match ($body->role) {
                BodyRole::Lure => [Doubt::LureDrag, ...($body->downArea !== 0.0 ? [Doubt::LureDive] : [])],
                BodyRole::Diver => [Doubt::DiverLift],
                BodyRole::Weight => [Doubt::WeightDrag],
                BodyRole::Other => [],
            });
        }

        return array_values(array_unique($about, SORT_REGULAR));
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
