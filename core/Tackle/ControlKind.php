<?php

declare(strict_types=1);

namespace Admek\Core\Tackle;

enum ControlKind: string
{
    case Cable = 'cable';
    case LetOut = 'let_out';
    case Colours = 'colours';
}
