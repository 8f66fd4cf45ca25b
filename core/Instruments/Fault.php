<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

/** Why a line that was received tells nothing. */
enum Fault: string
{
    case NoSentence = 'no_sentence';
    case TooLong = 'too_long';
    case Unchecked = 'unchecked';
    case Broken = 'broken';
    case Unknown = 'unknown';
    case Misformed = 'misformed';
    /** The instrument itself says it does not know. */
    case NotValid = 'not_valid';
    case OutOfRange = 'out_of_range';
    /** Beyond what a boat can do since it was told before; believed when it is told again. */
    case Jumped = 'jumped';

    public function words(): string
    {
        return match ($this) {
            self::NoSentence => 'no sentence',
            self::TooLong => 'too long',
            self::Unchecked => 'without a checksum',
            self::Broken => 'broken on the way',
            self::Unknown => 'of a kind that is not read',
            self::Misformed => 'not as its kind is formed',
            self::NotValid => 'not valid, by its own word',
            self::OutOfRange => 'of figures no boat has',
            self::Jumped => 'of a figure that jumped',
        };
    }
}
