<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Bottom;

/** A bottom profile as text: a line a place, how far along the course, how deep and, where anything does, how high it stands; whatever separates them. */
final class ProfileFile
{
    private const FOOT = 0.3048;

    /**
     * @param  string  $text  with or without a heading; "ft" or "m" in the heading says the units
     * @param  bool  $metric  what the figures are in where the heading does not say
     * @return list<array{along: float, depth: float, standing?: float}> m
     *
     * @throws InvalidValue naming the line
     */
    public static function read(string $text, bool $metric): array
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw InvalidValue::because('profile', 'text in UTF-8');
        }
        $places = [];
        $along = $depth = $standing = $metric ? 1.0 : self::FOOT;
        foreach (preg_split('/\R/', $text) ?: [] as $i => $row) {
            $row = trim($row, " \t\u{FEFF}");
            if ($row === '' || $row[0] === '#') {
                continue;
            }
            $cells = self::cells($row);
            if ($places === [] && ! is_numeric($cells[0])) {
                [$along, $depth, $standing] = [self::unit($cells[0], $along), self::unit($cells[1] ?? '', $depth), self::unit($cells[2] ?? '', $standing)];

                continue;
            }
            $line = $i + 1;
            if (count($cells) < 2 || count($cells) > 3 || array_filter($cells, is_numeric(...)) !== $cells) {
                throw InvalidValue::because("profile line {$line}", 'two numbers, how far along and how deep, or a third: how high anything stands there');
            }
            $place = ['along' => $along * (float) $cells[0], 'depth' => $depth * (float) $cells[1]] + (isset($cells[2]) ? ['standing' => $standing * (float) $cells[2]] : []);
            if ($places !== [] && $place['along'] <= $places[count($places) - 1]['along']) {
                throw InvalidValue::because("profile line {$line}", 'farther along than the line before it');
            }
            if (count($places) === Bottom::MOST_PLACES) {
                throw InvalidValue::because("profile line {$line}", 'the last of at most '.Bottom::MOST_PLACES.' places');
            }
            $places[] = $place;
        }
        try {
            Bottom::profile($places);
        } catch (InvalidValue $invalid) {
            throw $places === [] ? InvalidValue::because('profile', 'a file with at least one place') : $invalid;
        }

        return $places;
    }

    /** @return non-empty-list<string> */
    private static function cells(string $row): array
    {
        // With semicolons or tabs between, a comma is a decimal point.
        $cells = preg_split('/\s*[;\t]\s*/', $row) ?: [$row];
        if (count($cells) > 1) {
            return array_map(static fn (string $cell): string => str_replace(',', '.', trim($cell)), $cells);
        }

        return array_map(trim(...), preg_split(str_contains($row, ',') ? '/\s*,\s*/' : '/\s+/', $row) ?: [$row]);
    }

    private static function unit(string $heading, float $otherwise): float
    {
        return match (preg_match('/(?:^|[^a-z])(ft|feet|foot|m|metres?|meters?)(?:[^a-z]|$)/i', $heading, $found)) {
            1 => strtolower($found[1])[0] === 'f' ? self::FOOT : 1.0,
            default => $otherwise,
        };
    }
}
