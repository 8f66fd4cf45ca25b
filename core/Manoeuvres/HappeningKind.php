<?php

declare(strict_types=1);

namespace Admek\Core\Manoeuvres;

/** What can come of a manoeuvre. */
enum HappeningKind: string
{
    /** Two lines come too close that do not on a straight course. */
    case Tangle = 'tangle';
    /** Something of a line touches bottom. */
    case Bottom = 'bottom';
    /** A line, or the front line of a board, goes slack. */
    case Slack = 'slack';
    /** A line that could not be followed to the end. */
    case Lost = 'lost';

    public function title(): string
    {
        return match ($this) {
            self::Tangle => 'Tangle',
            self::Bottom => 'Touches bottom',
            self::Slack => 'Goes slack',
            self::Lost => 'Cannot be followed',
        };
    }
}
