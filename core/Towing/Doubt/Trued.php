<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Doubt;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\BodyRole;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Lip;
use Admek\Core\Towing\Medium\Flow;

/**
 * Where the figures behind a line's depth have come out to be: each so many of its own deviations from its default, whose
 * multiplier is e to so many times that deviation; of speed and current, so many times m/s more.
 */
final readonly class Trued
{
    /**
     * @param  array<string, float>  $at  deviations by {@see Doubt}
     * @param  ?list<array<string, float>>  $axes  what is in doubt still, as {@see Doubts} has them
     */
    public function __construct(public array $at, public ?array $axes = null)
    {
    }

    /** Whether it knows of the water it is towed in. */
    public function isOfWater(): bool
    {
        return ($this->at[Doubt::Speed->value] ?? 0.0) !== 0.0 || ($this->at[Doubt::Current->value] ?? 0.0) !== 0.0;
    }

    /** What a figure of the gear is multiplied by. */
    public function times(Doubt $doubt, Doubts $doubts): float
    {
        return exp(($this->at[$doubt->value] ?? 0.0) * $doubts->deviation($doubt));
    }

    /**
     * @param  list<Element>  $elements
     * @return list<Element>
     */
    public function chain(array $elements, Doubts $doubts): array
    {
        return array_map(fn (Element $element): Element => match (true) {
            $element instanceof Branch => new Branch($this->chain($element->elements, $doubts)),
            $element instanceof Line => new Line(
                $element->letOut ? $element->length * $this->times(Doubt::LetOut, $doubts) : $element->length, $element->diameter,
                $element->weight, $element->normalDrag * $this->times(Doubt::LineDrag, $doubts), $element->skinFriction,
                $element->letOut, $element->displacement,
            ),
            $element instanceof Body => $this->body($element, $doubts),
            default => $element,
        }, $elements);
    }

    /** @param  float  $depth  m of the gear, down to which an unread current grows */
    public function flow(Flow $flow, float $depth, Doubts $doubts): Flow
    {
        $faster = ($this->at[Doubt::Speed->value] ?? 0.0) * $doubts->speed;
        $current = ($this->at[Doubt::Current->value] ?? 0.0) * $doubts->current;
        $flow = $faster === 0.0 ? $flow : $flow->faster($faster);

        return $current === 0.0 ? $flow : $flow->sheared($current, max($depth, 0.1));
    }

    private function body(Body $body, Doubts $doubts): Body
    {
        [$drag, $down, $side] = match ($body->role) {
            BodyRole::Lure => [$this->times(Doubt::LureDrag, $doubts), $this->dive($body->lip, $doubts), 1.0],
            BodyRole::Diver => [1.0, $this->times(Doubt::DiverLift, $doubts), $this->times(Doubt::DiverLift, $doubts)],
            BodyRole::Weight => [$this->times(Doubt::WeightDrag, $doubts), 1.0, 1.0],
            BodyRole::Other => [1.0, 1.0, 1.0],
        };

        return new Body(
            $body->name, $body->weight, $body->dragArea * $drag, $body->downArea * $down, $body->sideArea * $side, $body->role,
            $body->lip, $body->displacement, $body->mass,
        );
    }

    /** A fitted lip follows what it was fitted with: its share at a deviation, to the power of how many there are. */
    private function dive(?Lip $lip, Doubts $doubts): float
    {
        if ($lip === null) {
            return $this->times(Doubt::LureDive, $doubts);
        }
        $times = 1.0;
        foreach ($this->at as $doubt => $deviations) {
            $times *= $lip->under(Doubt::from($doubt), $deviations < 0.0 ? -1 : 1) ** abs($deviations);
        }

        return $times;
    }
}
