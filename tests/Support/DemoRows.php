<?php

declare(strict_types=1);

namespace Tests\Support;

use PDO;
use RuntimeException;

/** Rows of the demo world by what they are, so that no test counts on the number one happens to have. */
final class DemoRows
{
    /** The demo's trips in the order they are made: one past, one still to come. */
    private const TRIPS = ['past' => 0, 'next' => 1];

    /** A path with {next} and {past} in the places of trips and spreads: `/trips/{next}/water`, `/spreads/{past}`. */
    public static function in(string $path, string $database): string
    {
        return (string) preg_replace_callback(
            '#(trips|spreads)/\{(next|past)\}#', static fn (array $match): string => "{$match[1]}/".match ($match[1]) {
                'trips' => self::trip($match[2], $database),
                default => self::spread($match[2], $database),
            }, $path,
        );
    }

    /** @param  'next'|'past'  $which */
    public static function spread(string $which, string $database): int
    {
        return self::one('select min(id) from spreads where trip_id = ?', self::trip($which, $database), $database);
    }

    /** The rod holder of a code. */
    public static function holder(string $code, string $database): int
    {
        return self::one('select id from holders where code = ?', $code, $database);
    }

    /** @param  'next'|'past'  $which */
    public static function trip(string $which, string $database): int
    {
        return self::one('select id from trips order by id limit 1 offset ?', self::TRIPS[$which], $database);
    }

    private static function one(string $query, string|int $value, string $database): int
    {
        $asked = (new PDO("sqlite:{$database}"))->prepare($query);
        $asked->execute([$value]);
        $id = $asked->fetchColumn();

        return is_int($id) ? $id : throw new RuntimeException("The demo has no such row: {$query}");
    }
}
