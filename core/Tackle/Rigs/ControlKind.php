<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

/** The figure of a line that sets its depth. */
enum ControlKind: string
{
    /** Cable on a rigger's counter, m. */
    case Cable = 'cable';
    /** Line let out, m. */
    case LetOut = 'let_out';
    /** Colours of core. */
    case Colours = 'colours';
    /** How far above the ball a stacked release rides, m. */
    case Above = 'above';
    /** Marks a diver is dialled off straight. */
    case Dial = 'dial';
    /** A weight out of the box, kg. */
    case Weight = 'weight';

    /** What a mate calls it. */
    public function word(): string
    {
        return match ($this) {
            self::Cable => 'cable',
            self::LetOut => 'let-out',
            self::Colours => 'number of colours',
            self::Above => 'place above the ball',
            self::Dial => 'dial',
            self::Weight => 'weight',
        };
    }

    /** The figure of a line, as it is stored and sent, that this control sets. */
    public function figure(): string
    {
        return match ($this) {
            self::Cable => 'let_out',
            self::Weight => 'weight_mass',
            default => $this->value,
        };
    }
}
