<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

/** Where a piece of gear meets the bottom, or comes nearer to it than wanted, on the way ahead. */
final readonly class BottomContact
{
    /**
     * @param  string  $body  lure, ball, weight or diver
     * @param  float  $clearance  m of water under it; negative where it drags
     * @param  float  $ahead  m the boat has yet to go until then; 0 where it is so now
     * @param  float  $standing  m that what is met stands up from the bottom; 0 where it is the bottom itself
     */
    public function __construct(public string $body, public float $clearance, public float $ahead, public float $standing)
    {
    }
}
