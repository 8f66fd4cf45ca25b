<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

/** A counter, of a reel or of a rigger's cable. */
final class Counter
{
    /** What one that works shows for each metre truly out. */
    public const SHOWS = [0.5, 2.0];
}
