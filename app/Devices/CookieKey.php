<?php

declare(strict_types=1);

namespace App\Devices;

use RuntimeException;

/**
 * What session cookies are sealed with: a file of its own beside the data, in no backup, so that whoever finds one cannot make a
 * cookie of it. Without it every device is let in anew.
 */
final class CookieKey
{
    private const BYTES = 32;

    public static function of(string $database): ?string
    {
        $key = is_file("{$database}.key") ? file_get_contents("{$database}.key") : false;

        return $key === false || strlen($key) !== self::BYTES ? null : $key;
    }

    /** @throws RuntimeException where it cannot be written */
    public static function ensure(string $database): void
    {
        if (self::of($database) !== null) {
            return;
        }
        $part = sprintf('%s.key.%s', $database, bin2hex(random_bytes(4)));
        $mask = umask(0o077);
        try {
            if (@file_put_contents($part, random_bytes(self::BYTES)) !== self::BYTES || ! @rename($part, "{$database}.key")) {
                throw new RuntimeException("{$database}.key cannot be written.");
            }
        } finally {
            umask($mask);
            @unlink($part);
        }
    }

    public static function forget(string $database): void
    {
        @unlink("{$database}.key");
    }
}
