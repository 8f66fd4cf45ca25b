<?php

declare(strict_types=1);

namespace Admek\Core\Files;

use Admek\Core\InvalidValue;

/**
 * Text in rows and columns as people, spreadsheets and instruments write it: commas, semicolons, tabs or spaces between, any line
 * ends.
 */
final readonly class Table
{
    /** What a cell begins with that a spreadsheet reckons out; the wide signs of East Asian keyboards are read as such too. */
    private const RECKONED = '[=+\-@\t\r\x{FF1D}\x{FF0B}\x{FF0D}\x{FF20}]';

    /** A bound on what a file can ask for. */
    private const MOST_ROWS = 100_000;

    /**
     * @param  ?list<string>  $heading  null where the first row holds figures
     * @param  list<array{line: int, cells: list<string>}>  $rows
     */
    private function __construct(public ?array $heading, public array $rows)
    {
    }

    /**
     * @param  string  $field  what the text is called in an error
     *
     * @throws InvalidValue naming the field, or the line
     */
    public static function read(string $field, string $text): self
    {
        if (str_starts_with($text, "\xFF\xFE") || str_starts_with($text, "\xFE\xFF")) {
            $text = mb_convert_encoding($text, 'UTF-8', 'UTF-16');
        }
        if (! mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
            throw InvalidValue::because($field, 'text in UTF-8');
        }
        $heading = null;
        $rows = [];
        // A mark of the order of bytes is of three; trim() would take each of them for a letter.
        $text = str_replace("\u{FEFF}", '', $text);
        foreach (self::lines($text) as $i => $row) {
            $row = trim($row, " \t");
            if ($row === '' || $row[0] === '#') {
                continue;
            }
            $cells = self::cells($row);
            if (
                $rows === []
                && $heading === null
                && array_filter($cells, static fn (string $cell): bool => self::number($cell) !== null) === []
            ) {
                $heading = $cells;

                continue;
            }
            if (count($rows) === self::MOST_ROWS) {
                throw InvalidValue::because("{$field} line ".($i + 1), 'the last of at most '.self::MOST_ROWS.' rows');
            }
            $rows[] = ['line' => $i + 1, 'cells' => $cells];
        }

        return new self($heading, $rows);
    }

    /**
     * A line break between quotes is a cell's own (RFC 4180, 2.6).
     *
     * @return array<int, string> by the line they begin on, from nought
     */
    private static function lines(string $text): array
    {
        $lines = [];
        $open = null;
        foreach (preg_split('/\r\n|\n|\r/', $text) ?: [] as $i => $line) {
            if ($open === null) {
                $lines[$i] = $line;
                $open = substr_count($line, '"') % 2 === 1 ? $i : null;
            } else {
                $lines[$open] .= "\n{$line}";
                $open = substr_count($line, '"') % 2 === 1 ? null : $open;
            }
        }
        // A quote nobody closed is a sign of inches, not of a cell.
        if ($open !== null) {
            $rest = explode("\n", $lines[$open]);
            foreach ($rest as $further => $line) {
                $lines[$open + $further] = $line;
            }
        }

        return $lines;
    }

    /** A cell's figure, with a decimal point or comma; null where it is none. */
    public static function number(string $cell): ?float
    {
        $cell = str_replace(["\u{2212}", "\u{00A0}"], ['-', ''], trim($cell));
        if (preg_match('/^[-+]?\d+,\d+$/', $cell) === 1) {
            $cell = str_replace(',', '.', $cell);
        }

        return is_numeric($cell) && is_finite((float) $cell) ? (float) $cell : null;
    }

    /** @return list<string> */
    private static function cells(string $row): array
    {
        // With semicolons or tabs between, a comma is a decimal point; what stands in quotes is between nothing.
        $bare = (string) preg_replace('/"[^"]*"/', '', $row);
        foreach ([';', "\t", ','] as $separator) {
            if (str_contains($bare, $separator)) {
                return array_map(
                    static fn (?string $cell): string => trim((string) $cell), str_getcsv($row, $separator, escape: ''),
                );
            }
        }

        return preg_split('/\s+/', $row) ?: [$row];
    }

    /**
     * A name as a cell that stays a name: what a spreadsheet would reckon out is led by an apostrophe (OWASP, CSV Injection), and
     * what reads as such a one already by another, so that every name comes back as it was.
     */
    public static function named(string $name): string
    {
        return preg_match("/^'*".self::RECKONED.'/u', $name) === 1 ? "'{$name}" : $name;
    }

    /** The name such a cell holds. */
    public static function plain(string $cell): string
    {
        return preg_match("/^'+".self::RECKONED.'/u', $cell) === 1 ? substr($cell, 1) : $cell;
    }
}
