<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

/** What stands for a part where a rig is drawn as a string from rod tip to hook. */
enum PartSign: string
{
    case Tip = 'tip';
    case Board = 'board';
    /** A length of line. */
    case Span = 'span';
    case Weight = 'weight';
    case Diver = 'diver';
    case Hook = 'hook';
}
