<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use Admek\Core\InvalidValue;

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
