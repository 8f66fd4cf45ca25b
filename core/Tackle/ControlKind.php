<?php

declare(strict_types=1);

namespace Admek\Core\Tackle;

/** The one figure of a line that sets its depth. */
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

    /** The figure of a line, as it is stored and sent, that this control sets. */
    public function figure(): string
    {
        return $this === self::Cable ? 'let_out' : $this->value;
    }
}
