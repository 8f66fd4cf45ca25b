<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Foundation\Exceptions\Handler;
use Throwable;

/** What went wrong, for the log: without what the framework would add, by which a device is known. */
final class Faults extends Handler
{
    /** On a full disk there is no log either: that is no reason to answer otherwise. */
    public function report(Throwable $e): void
    {
        try {
            parent::report($e);
        } catch (Throwable $unlogged) {
            error_log($unlogged->getMessage());
        }
    }

    /** @return array<string, mixed> */
    protected function context(): array
    {
        return [];
    }
}
