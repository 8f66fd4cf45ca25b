<?php

declare(strict_types=1);

namespace App\Models;

use RuntimeException;

/** Two devices edited the same record; carries the version that is kept. */
final class Conflict extends RuntimeException
{
    public function __construct(public readonly int $currentVersion, string $what = 'This spread')
    {
        parent::__construct("{$what} was saved on another device since it was opened here.");
    }

    public static function ofBoat(int $currentVersion): self
    {
        return new self($currentVersion, 'The boat');
    }
}
