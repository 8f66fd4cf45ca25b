<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

use Admek\Core\Tackle\Described\LineFigure;

/** A part of a rig as it hangs on the string, with what it is told by. */
final readonly class Part
{
    /** @param  list<Field>  $fields */
    private function __construct(public PartSign $mark, public array $fields)
    {
    }

    public static function of(PartSign $mark, Field ...$fields): self
    {
        return new self($mark, array_values($fields));
    }

    public static function rodTip(): self
    {
        return self::of(PartSign::Tip, Field::beside(LineFigure::TipHeight, 'Rod tip above the water'));
    }

    public static function board(): self
    {
        return self::of(
            PartSign::Board,
            Field::pick(Pick::Board, 'Board'),
            Field::beside(LineFigure::BoardOut, 'Line out to the board', before: 'at'),
        );
    }

    public static function mastBoard(): self
    {
        return self::of(
            PartSign::Board, Field::pick(Pick::Board, 'Board'),
            Field::beside(LineFigure::BoardOut, 'Tow line to the board', before: 'at'),
            Field::figure(LineFigure::ClipOut, 'clip, along the tow line'),
        );
    }

    /** The line on the reel, with what is let out of it. */
    public static function line(Field ...$fields): self
    {
        return self::of(PartSign::Span, Field::pick(Pick::Reel, 'Reel'), ...$fields);
    }

    public static function weight(Field ...$fields): self
    {
        return self::of(PartSign::Weight, ...$fields);
    }

    public static function span(Field ...$fields): self
    {
        return self::of(PartSign::Span, ...$fields);
    }

    /**
     * What ends every rig: what flashes, leader and lure.
     *
     * @return list<self>
     */
    public static function tail(string $leader = 'Leader'): array
    {
        return [
            self::span(Field::pick(Pick::Attractor, 'Flasher or dodger')),
            self::span(Field::pick(Pick::Leader, $leader), Field::beside(LineFigure::LeaderLength, "{$leader} length")),
            self::of(PartSign::Hook, Field::pick(Pick::Lure, 'Lure')),
        ];
    }
}
