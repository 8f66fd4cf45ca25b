<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Motion;

use RuntimeException;

/** A motion nobody waits for any more, left where it was. */
final class NotWanted extends RuntimeException
{
    public function __construct()
    {
        parent::__construct('Nobody waits for it any more.');
    }
}
