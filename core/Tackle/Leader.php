<?php

declare(strict_types=1);

namespace Admek\Core\Tackle;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\Line;

/** The last length to the lure: nylon floats a slow bait up, fluorocarbon sinks and hides. */
final readonly class Leader
{
    /**
     * @param  float  $length  m
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(public LineStock $stock, public float $length)
    {
        InvalidValue::unlessBetween('leader_length', $length, 0, 30, 'm');
    }

    public function line(): Line
    {
        return $this->stock->length($this->length);
    }
}
