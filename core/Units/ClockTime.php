<?php

declare(strict_types=1);

namespace Admek\Core\Units;

/** A time of day in a sentence, said as the captain reads clocks. */
final readonly class ClockTime
{
    /** @param  int  $minutes  after midnight, on whatever day they fall */
    public function __construct(public int $minutes)
    {
    }
}
