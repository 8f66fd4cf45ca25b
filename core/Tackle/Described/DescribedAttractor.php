<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

use Admek\Core\Tackle\Parts\Attractor;

/** A flasher or dodger: one of the locker's by its name, or any of its kind. */
final readonly class DescribedAttractor
{
    /** @param  string  $name  empty for any of its kind */
    public function __construct(public Attractor $kind, public string $name = '')
    {
    }
}
