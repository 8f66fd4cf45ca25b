<?php

declare(strict_types=1);

namespace Admek\Core\Files;

use Admek\Core\Files\Internal\Column;
use Admek\Core\InvalidValue;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Unit;
use Admek\Core\Units\Units;
use DateTimeImmutable;
use DateTimeZone;
use Exception;

/**
 * A clip-on logger's trace: depth against time, as loggers write it. Which column is which, and the unit, is read off the
 * heading; times are moments, or of the day's clock.
 */
final readonly class LoggerFile
{
    /** m that no lure runs at. */
    private const DEEPEST = 150.0;

    /**
     * @param  list<array{float, float}>  $points  s since 1970 UTC and m, rising in time
     * @param  int  $bad  rows that could not be read
     */
    private function __construct(public array $points, public string $unit, public bool $guessed, public int $bad)
    {
    }

    /**
     * @param  string  $date  Y-m-d, of the day a clock's times are of
     * @param  string  $timezone  of its clock, by name
     * @param  ?string  $depthUnit  one of {@see Unit::names()}, over what was recognised
     *
     * @throws InvalidValue where nothing in it can be used, or there is no such unit
     */
    public static function read(string $text, Units $units, string $date, string $timezone, ?string $depthUnit = null): self
    {
        $table = Table::read('text', $text);
        [$timeAt, $depthAt] = self::columns($table);
        $column = Column::of($table, $depthAt, Quantity::Depth, 'depth_unit', $depthUnit, $units->unit(Quantity::Depth));
        $zone = new DateTimeZone($timezone);
        $points = [];
        $bad = 0;
        foreach ($table->rows as ['cells' => $cells]) {
            $at = self::moment($cells[$timeAt] ?? '', $date, $zone);
            $depth = abs($column->figure($cells) ?? INF);
            if ($at === null || $depth > self::DEEPEST) {
                $bad++;

                continue;
            }
            $points[] = [$at, $depth];
        }
        if ($points === []) {
            throw InvalidValue::because(
                'text', 'times and depths in two columns: 06:12:30 or 2031-05-01 06:12:30, and a depth no deeper than lures run',
            );
        }
        usort($points, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return new self($points, $column->unit->name, $column->guessed, $bad);
    }

    /** @return array{int, int} of time and depth */
    private static function columns(Table $table): array
    {
        if ($table->heading === null) {
            return [0, 1];
        }
        [$time, $depth] = [Column::named($table, '/(time|date|zeit|clock)/i'), Column::named($table, Column::DEPTH)];
        if ($time === null || $depth === null || $time === $depth) {
            throw InvalidValue::because(
                'text', 'a heading that names a column time and a column depth, or none and just these two',
            );
        }

        return [$time, $depth];
    }

    private static function moment(string $cell, string $date, DateTimeZone $zone): ?float
    {
        $cell = trim($cell);
        if (preg_match('/^\d{1,2}:\d{2}(:\d{2}(\.\d+)?)?( ?[ap]m)?$/i', $cell) === 1) {
            $cell = "{$date} {$cell}";
        } elseif (preg_match('/^\d{4}-\d{2}-\d{2}[ T]\d{1,2}:\d{2}/', $cell) !== 1) {
            return null;
        }
        try {
            return (float) (new DateTimeImmutable($cell, $zone))->format('U.v');
        } catch (Exception) {
            return null;
        }
    }
}
