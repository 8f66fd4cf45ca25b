<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

/** A rigger's ball. */
final readonly class DescribedBall
{
    /**
     * @param  float  $mass kg
     * @param  int  $count  aboard
     */
    public function __construct(public string $name, public float $mass, public int $count = 1)
    {
    }
}
