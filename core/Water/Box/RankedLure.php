<?php

declare(strict_types=1);

namespace Admek\Core\Water\Box;

use Admek\Core\Units\Sentence;

/** A lure in its place in the box for one day, and why it lies there. */
final readonly class RankedLure
{
    /** @param  list<Sentence>  $reasons  what weighed most first */
    public function __construct(public BoxedLure $boxed, public float $score, public array $reasons)
    {
    }
}
