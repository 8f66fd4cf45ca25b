<?php

declare(strict_types=1);

namespace Tests\Support\Running;

use RuntimeException;

/** Waits on a condition, never on time alone. */
final class Wait
{
    private const PATIENCE_SECONDS = 15;

    /** @param  callable(): bool  $condition */
    public static function until(callable $condition, string $what): void
    {
        $end = microtime(true) + self::PATIENCE_SECONDS;
        while (! $condition()) {
            if (microtime(true) > $end) {
                throw new RuntimeException("Waited in vain for {$what}.");
            }
            usleep(20_000);
        }
    }
}
