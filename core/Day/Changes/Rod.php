<?php

declare(strict_types=1);

namespace Admek\Core\Day\Changes;

/** A rod with its line in the water. */
final readonly class Rod
{
    /**
     * @param  float  $depth  m its lure runs at now
     * @param  float  $doubt  m
     */
    public function __construct(
        public string $holder, public string $finish, public bool $bait, public float $depth, public float $doubt,
    ) {
    }
}
