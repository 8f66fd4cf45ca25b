<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\Doubt\Doubts;
use Admek\Core\Towing\Doubt\Trued;
use Admek\Core\Towing\Medium\Water;

/** One line as it is towed: where it leaves the boat, its chain from the free end up, and a board if it ends on one. */
final readonly class TowLine
{
    /**
     * @param  array{float, float, float}  $towPoint  m: aft, starboard, down from the surface amidships at the transom
     * @param  list<Element>  $chain  from the free end to the tow point, or to the board
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public string $id,
        public array $towPoint,
        public array $chain,
        public ?Board $board = null,
    ) {
        if ($id === '') {
            throw InvalidValue::because('id', 'a non-empty text');
        }
        foreach ($towPoint as $axis => $value) {
            InvalidValue::unlessBetween("tow_point.{$axis}", $value, -1000, 1000, 'm');
        }
        if ($chain === []) {
            throw InvalidValue::because('chain', 'a list of at least one part');
        }
        if ($board !== null && $board->lineOut <= abs($towPoint[2])) {
            throw InvalidValue::because('board.line_out', 'longer than the rod tip stands above the water');
        }
        $names = self::names($chain);
        if (count($names) !== count(array_unique($names))) {
            throw InvalidValue::because('chain', 'parts whose names are unique within the line');
        }
    }

    /**
     * The same line in water of another density: what displaces more of it is borne by more, or less.
     *
     * @param  float  $from  kg/m³ its weights are given in
     * @param  float  $to  kg/m³
     */
    public function floating(float $from, float $to): self
    {
        if ($from === $to) {
            return $this;
        }
        $lift = ($to - $from) * Water::STANDARD_GRAVITY;
        $board = $this->board;

        return new self($this->id, $this->towPoint, self::lifted($this->chain, $lift), $board === null ? null : new Board(
            $board->side, $board->dragArea, $board->sideArea, $board->buoyancy, $board->lineOut, $board->clipOut,
            array_map(
                static fn (BoardLoad $other): BoardLoad => new BoardLoad($other->clipOut, self::lifted($other->chain, $lift)),
                $board->others,
            ),
            $board->mass,
        ));
    }

    /** The same line with figures as they have come out to be. */
    public function trued(Trued $trued, Doubts $doubts): self
    {
        return new self($this->id, $this->towPoint, $trued->chain($this->chain, $doubts), $this->board);
    }

    /**
     * @param  list<Element>  $elements
     * @param  float  $lift  N for each m³
     * @return list<Element>
     */
    private static function lifted(array $elements, float $lift): array
    {
        return array_map(static fn (Element $element): Element => match (true) {
            $element instanceof Branch => new Branch(self::lifted($element->elements, $lift)),
            $element instanceof Line, $element instanceof Body => $element->displacement === 0.0 ? $element : $element->heavierBy(
                -$lift * $element->displacement,
            ),
            default => $element,
        }, $elements);
    }

    /**
     * @param  list<Element>  $elements
     * @return list<string> names of all bodies, those on branches too
     */
    private static function names(array $elements): array
    {
        $names = [];
        foreach ($elements as $element) {
            if ($element instanceof Body && $element->name !== null) {
                $names[] = $element->name;
            } elseif ($element instanceof Branch) {
                $names = [...$names, ...self::names($element->elements)];
            }
        }

        return $names;
    }
}
