<?php

declare(strict_types=1);

namespace App\Devices;

use Illuminate\Support\Facades\Config;

/** Names and addresses this machine is asked by: on loopback always; on a network as the launcher finds them while it serves. */
final class OwnNames
{
    /** By which only the machine itself asks. */
    public const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

    /** @return list<string> in small letters; addresses of version 6 in brackets */
    public static function all(): array
    {
        $file = Config::get('admek.names_file');
        // Addresses come and go with the network: they are no part of what is read once.
        $found = is_string($file) ? (string) @file_get_contents($file) : Config::string('admek.names');

        return [...self::LOOPBACK, ...self::words($found)];
    }

    /**
     * Where other devices find this machine, the likeliest to be found first: numbers before names, for not every phone asks the
     * network for a name.
     *
     * @return list<string>
     */
    public static function forPhones(): array
    {
        $others = array_values(array_unique(array_diff(self::all(), self::LOOPBACK)));
        usort($others, static fn (string $a, string $b): int => self::rank($a) <=> self::rank($b));

        return $others;
    }

    /** @return list<string> */
    private static function words(string $names): array
    {
        return preg_split('/\s+/', strtolower($names), flags: PREG_SPLIT_NO_EMPTY) ?: [];
    }

    private static function rank(string $host): int
    {
        return match (true) {
            filter_var($host, FILTER_VALIDATE_IP, FILTER_FLAG_IPV4) !== false => 0,
            str_ends_with($host, '.local') => 1,
            ! str_starts_with($host, '[') => 2,
            default => 3,
        };
    }
}
