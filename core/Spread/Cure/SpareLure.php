<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Cure;

use Admek\Core\Tackle\Parts\Lure;

/** A lure aboard that no line pulls. */
final readonly class SpareLure
{
    /** @param  int  $id of its record in the locker */
    public function __construct(public int $id, public string $finish, public Lure $lure)
    {
    }
}
