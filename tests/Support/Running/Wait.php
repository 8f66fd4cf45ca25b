<?php

declare(strict_types=1);

namespace Tests\Support\Running;

use RuntimeException;

/** Waits on a condition, never on time alone. */
final class Wait
{
    private const PATIENCE_SECONDS = 30;

    /** For what makes a whole world first, on a machine that has other work. */
    public const A_START = 90;

    /** @param  callable(): bool  $condition */
    public static function until(callable $condition, string $what, int $seconds = self::PATIENCE_SECONDS): void
    {
        $end = microtime(true) + $seconds;
        while (! $condition()) {
            if (microtime(true) > $end) {
                throw new RuntimeException("Waited in vain for {$what}.");
            }
            usleep(20_000);
        }
    }
}
