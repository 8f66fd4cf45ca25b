<?php

declare(strict_types=1);

namespace Tests\Support;

use PDO;
use RuntimeException;

/** A data file looked into from beside the application. */
final class Sqlite
{
    /** @return list<string> the first column of what a query finds */
    public static function column(PDO|string $file, string $query): array
    {
        $asked = ($file instanceof PDO ? $file : new PDO("sqlite:{$file}"))->query($query);
        $found = $asked === false ? throw new RuntimeException("{$query} was not answered") : $asked->fetchAll(PDO::FETCH_COLUMN);

        return array_map(static fn (mixed $value): string => is_scalar($value) ? (string) $value : '', array_values($found));
    }

    public static function value(PDO|string $file, string $query): string
    {
        return self::column($file, $query)[0] ?? throw new RuntimeException("{$query} found nothing");
    }
}
