<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp;

use Admek\Core\Towing\Doubt\Doubt;

/** What soundings have taught of one line's figures. */
final readonly class Learnt
{
    /**
     * @param  array<string, float>  $at  deviations off their defaults, by {@see Doubt}
     * @param  list<array<string, float>>  $axes  what is in doubt still, along directions independent of one another
     */
    public function __construct(public array $at, public array $axes)
    {
    }
}
