<?php

declare(strict_types=1);

namespace Admek\Core\Files;

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
     * @param  ?string  $depthUnit  ft, m or fathoms, over what was recognised
     *
     * @throws InvalidValue where nothing in it can be used
     */
    public static function read(string $text, Units $units, string $date, string $timezone, ?string $depthUnit = null): self
    {
        $table = Table::read('text', $text);
        [$timeAt, $depthAt] = self::columns($table);
        $named = Unit::inHeading(Quantity::Depth, $table->heading[$depthAt] ?? '');
        $unit = ($depthUnit === null ? $named : Unit::of(Quantity::Depth, $depthUnit))
            ?? Unit::of(Quantity::Depth, $units === Units::Us ? 'ft' : 'm')
            ?? throw InvalidValue::because('depth_unit', 'ft, m or fathoms');
        $zone = new DateTimeZone($timezone);
        $points = [];
        $bad = 0;
        foreach ($table->rows as ['cells' => $cells]) {
            $at = self::moment($cells[$timeAt] ?? '', $date, $zone);
            $depth = Table::number($cells[$depthAt] ?? '');
            $depth = $depth === null ? null : abs($unit->toSi($depth));
            if ($at === null || $depth === null || $depth > self::DEEPEST) {
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

        return new self($points, $unit->name, $depthUnit === null && $named === null, $bad);
    }

    /** @return array{int, int} of time and depth */
    private static function columns(Table $table): array
    {
        if ($table->heading === null) {
            return [0, 1];
        }
        $time = $depth = null;
        foreach ($table->heading as $column => $name) {
            $time ??= preg_match('/(time|date|zeit|clock)/i', $name) === 1 ? $column : null;
            $depth ??= preg_match('/(depth|tiefe|\bd\b|\bz\b)/i', $name) === 1 ? $column : null;
        }
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
