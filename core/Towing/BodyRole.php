<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

/** What a body is to the doubt of a depth: each role has figures of its own that are known only so well. */
enum BodyRole
{
    case Lure;
    case Diver;
    case Weight;
    case Other;
}
