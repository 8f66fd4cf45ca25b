<?php

declare(strict_types=1);

namespace Admek\Core\Day\Changes;

use Admek\Core\Towing\Side;

/** A rod with its line in the water. */
final readonly class Rod
{
    /**
     * @param  float  $depth  m its lure runs at now
     * @param  float  $doubt  m
     * @param  ?Side  $side  null amidships
     * @param  ?float  $under  m of water under it; null where that is not known
     * @param  bool  $onBottom  whether it is rigged to fish the bottom: its depth is that of the ground
     */
    public function __construct(
        public string $holder, public string $finish, public bool $bait, public float $depth, public float $doubt,
        public ?Side $side = null, public ?float $under = null, public bool $onBottom = false,
    ) {
    }
}
