<?php

declare(strict_types=1);

namespace App\Access;

use RuntimeException;

final class TooManyTries extends RuntimeException
{
    /** @param  int  $wait  s until one may try again */
    public function __construct(public readonly int $wait)
    {
        parent::__construct('Too many wrong codes.');
    }
}
