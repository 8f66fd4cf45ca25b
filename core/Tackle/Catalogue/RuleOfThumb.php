<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

/** A depth as the trade reckons it without physics, and how: it holds at one speed. */
final readonly class RuleOfThumb
{
    /**
     * @param  float  $depth  m
     * @param  ?float  $speed  m/s it is told for, where it is told for one
     */
    public function __construct(public float $depth, public string $reckoning, public ?float $speed = null)
    {
    }
}
