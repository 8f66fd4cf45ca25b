<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

use Admek\Core\Tackle\Parts\BoardSize;

/** Whether a line runs behind a board, and behind which sort. */
enum BoardUse: string
{
    case None = 'none';
    case Inline = 'in-line';
    case Mast = 'mast';

    public static function of(?DescribedBoard $board): self
    {
        return match ($board?->size) {
            null => self::None,
            BoardSize::Mast => self::Mast,
            BoardSize::Small, BoardSize::Large => self::Inline,
        };
    }
}
