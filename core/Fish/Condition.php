<?php

declare(strict_types=1);

namespace Admek\Core\Fish;

/** How a fish was when it was let go, or taken. */
enum Condition: string
{
    case Strong = 'strong';
    case Tired = 'tired';
    case Hurt = 'hurt';
}
