<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Foundation\Exceptions\Handler;

/** What went wrong, for the log: without what the framework would add, by which a device is known. */
final class Faults extends Handler
{
    /** @return array<string, mixed> */
    protected function context(): array
    {
        return [];
    }
}
