<?php

declare(strict_types=1);

namespace Admek\Core\Water\Signs;

/** How far one sees into the water. */
enum Clarity: string
{
    case Clear = 'clear';
    case Tinted = 'tinted';
    case Stained = 'stained';
}
