<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

use Admek\Core\Tackle\Parts\DiverSize;

/** A diver's plate, with or without a ring round its rim. */
final readonly class DescribedDiver
{
    /** @param  int  $count  aboard */
    public function __construct(
        public string $name, public DiverSize $size, public bool $ringed = false, public int $count = 1,
    ) {
    }
}
