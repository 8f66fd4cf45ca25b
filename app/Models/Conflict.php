<?php

declare(strict_types=1);

namespace App\Models;

use RuntimeException;

/** Two devices edited the same record; carries the version that is kept. */
final class Conflict extends RuntimeException
{
    public function __construct(public readonly int $currentVersion)
    {
        parent::__construct('This spread was saved on another device since it was opened here.');
    }
}
