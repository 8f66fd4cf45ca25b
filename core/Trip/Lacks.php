<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

/** What a trip still lacks before lines go in, in words. */
final class Lacks
{
    /**
     * @param  int  $lines  planned
     * @param  ?int  $allowed  by the captain's own limit; null where none is entered
     * @return list<string> the most wanted first
     */
    public static function of(int $lines, ?int $allowed, bool $bottom, bool $temperatures, bool $bands): array
    {
        return array_keys(array_filter([
            'no line is planned' => $lines === 0,
            "{$lines} lines are over your limit of {$allowed}" => $allowed !== null && $lines > $allowed,
            'no bottom depth' => ! $bottom,
            'no water temperatures' => ! $temperatures,
            'no depths to fish' => ! $bands,
        ]));
    }
}
