<?php

declare(strict_types=1);

namespace Admek\Core\Files;

use Admek\Core\InvalidValue;
use Admek\Core\Trip\ForecastHour;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Unit;
use JsonException;

/**
 * A forecast as a file, docs/forecast-file.md: JSON ("admek-forecast"), or CSV whose heading names columns and units.
 * Read whole or refused, naming the line or the place in the file.
 */
final class ForecastFile
{
    public const FORMAT = 'admek-forecast';

    public const VERSION = 1;

    private const MOST_HOURS = 96;

    /** Columns by what a heading calls them. */
    private const COLUMNS = [
        'at' => '/^(time|hour|at|clock)/i', 'gust' => '/gust/i', 'from' => '/(from|dir)/i', 'wind' => '/wind/i',
        'wave' => '/(wave|sea|hs\b)/i', 'visibility' => '/vis/i', 'lightning' => '/(lightning|thunder|storm)/i',
        'front' => '/front/i',
    ];

    private const QUANTITIES = [
        'wind' => Quantity::Wind, 'gust' => Quantity::Wind, 'wave' => Quantity::Height, 'visibility' => Quantity::Distance,
    ];

    /** Of figures whose unit is not told. */
    private const OTHERWISE = [
        'us' => ['wind' => 'mph', 'gust' => 'mph', 'wave' => 'ft', 'visibility' => 'mi'],
        'metric' => ['wind' => 'km/h', 'gust' => 'km/h', 'wave' => 'm', 'visibility' => 'km'],
    ];

    /**
     * @param  bool  $metric  what CSV figures are in where the heading does not say
     * @return array{source: ?string, issued: ?string, hours: list<ForecastHour>}
     *
     * @throws InvalidValue naming the line or the place
     */
    public static function read(string $text, bool $metric): array
    {
        return str_starts_with(ltrim(str_replace("\u{FEFF}", '', $text)), '{')
            ? self::json($text)
            : ['source' => null, 'issued' => null, 'hours' => self::csv($text, $metric)];
    }

    /** @return array{source: ?string, issued: ?string, hours: list<ForecastHour>} */
    private static function json(string $text): array
    {
        try {
            $file = json_decode(str_replace("\u{FEFF}", '', $text), true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException $error) {
            throw InvalidValue::because('forecast', "JSON ({$error->getMessage()})");
        }
        if (! is_array($file) || ($file['format'] ?? null) !== self::FORMAT) {
            throw InvalidValue::because('forecast.format', 'the text '.self::FORMAT);
        }
        if (($file['version'] ?? null) !== self::VERSION) {
            throw InvalidValue::because('forecast.version', self::VERSION.'; a newer Admek may have written it');
        }
        $units = is_array($file['units'] ?? [])
            ? $file['units'] ?? []
            : throw InvalidValue::because('forecast.units', 'an object');
        $in = [];
        foreach (self::QUANTITIES as $field => $quantity) {
            $name = $units[$field === 'gust' ? 'wind' : $field] ?? [
                'wind' => 'm/s', 'gust' => 'm/s', 'wave' => 'm', 'visibility' => 'm',
            ][$field];
            $in[$field] = (is_string($name) ? Unit::of($quantity, $name) : null) ?? throw InvalidValue::because(
                "forecast.units.{$field}", 'a unit such as mph, kn, m/s, ft, m, mi or km',
            );
        }
        $rows = $file['hours'] ?? null;
        if (! is_array($rows) || ! array_is_list($rows) || $rows === [] || count($rows) > self::MOST_HOURS) {
            throw InvalidValue::because('forecast.hours', 'a list of 1 to '.self::MOST_HOURS.' hours');
        }
        $hours = [];
        foreach ($rows as $i => $row) {
            $hours[] = self::hour("forecast.hours.{$i}", is_array($row) ? $row : [], $in, $hours);
        }

        return ['source' => self::text($file, 'source'), 'issued' => self::text($file, 'issued'), 'hours' => $hours];
    }

    /** @param  array<array-key, mixed>  $file */
    private static function text(array $file, string $field): ?string
    {
        $text = $file[$field] ?? null;
        if ($text !== null && (! is_string($text) || mb_strlen($text) > 120)) {
            throw InvalidValue::because("forecast.{$field}", 'text of at most 120 characters');
        }

        return $text;
    }

    /** @return list<ForecastHour> */
    private static function csv(string $text, bool $metric): array
    {
        $table = Table::read('forecast', $text);
        if ($table->heading === null) {
            throw InvalidValue::because(
                'forecast line 1', 'a heading that names its columns: time, wind, gust, from, wave, visibility, lightning, front',
            );
        }
        $columns = $in = [];
        foreach ($table->heading as $column => $name) {
            foreach (self::COLUMNS as $field => $pattern) {
                if (! isset($columns[$field]) && preg_match($pattern, $name) === 1) {
                    $columns[$field] = $column;
                    if (isset(self::QUANTITIES[$field])) {
                        $in[$field] = Unit::inHeading(self::QUANTITIES[$field], $name) ?? Unit::of(
                            self::QUANTITIES[$field], self::OTHERWISE[$metric ? 'metric' : 'us'][$field],
                        );
                    }
                    break;
                }
            }
        }
        if (! isset($columns['at']) || count($columns) < 2) {
            throw InvalidValue::because(
                'forecast line 1',
                'a heading with a column time and at least one of wind, gust, from, wave, visibility, lightning, front',
            );
        }
        $hours = [];
        foreach ($table->rows as ['line' => $line, 'cells' => $cells]) {
            if (count($cells) !== count($table->heading)) {
                throw InvalidValue::because("forecast line {$line}", 'as many columns as the heading: '.count($table->heading));
            }
            if (count($hours) === self::MOST_HOURS) {
                throw InvalidValue::because("forecast line {$line}", 'the last of at most '.self::MOST_HOURS.' hours');
            }
            $row = [];
            foreach ($columns as $field => $column) {
                $cell = $cells[$column];
                $row[$field] = $field === 'at' ? $cell : match (strtolower($cell)) {
                    '', '-', '—', '?', 'unknown' => null,
                    'yes', 'y', 'true' => true,
                    'no', 'n', 'false' => false,
                    default => Table::number($cell) ?? $cell,
                };
            }
            $hours[] = self::hour("forecast line {$line}", $row, $in, $hours);
        }

        return $hours === [] ? throw InvalidValue::because('forecast', 'a file with at least one hour') : $hours;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @param  array<string, ?Unit>  $in
     * @param  list<ForecastHour>  $before
     */
    private static function hour(string $place, array $row, array $in, array $before): ForecastHour
    {
        if (preg_match('/(?:^|[T ])([01]?\d|2[0-3]):([0-5]\d)/', is_string($row['at'] ?? null) ? $row['at'] : '', $clock) !== 1) {
            throw InvalidValue::because("{$place} time", 'a clock time, HH:MM');
        }
        $at = 60 * (int) $clock[1] + (int) $clock[2];
        $last = $before === [] ? null : $before[count($before) - 1]->at;
        // Past midnight the clock starts again.
        while ($last !== null && $at <= $last) {
            $at += 1440;
        }
        if ($at > 2880) {
            throw InvalidValue::because("{$place} time", 'later than the line before it, within two days');
        }
        $figures = [];
        foreach (['wind', 'gust', 'from', 'wave', 'visibility'] as $field) {
            $figure = $row[$field] ?? null;
            if ($figure !== null && ! is_int($figure) && ! is_float($figure)) {
                throw InvalidValue::because("{$place} {$field}", 'a number');
            }
            $figures[$field] = $figure === null ? null : (($in[$field] ?? null)?->toSi((float) $figure) ?? (float) $figure);
        }
        foreach (['lightning', 'front'] as $field) {
            $flag = $row[$field] ?? null;
            $figures[$field] = match (true) {
                $flag === null, is_bool($flag) => $flag,
                is_numeric($flag) && in_array((float) $flag, [0.0, 1.0], true) => (bool) (float) $flag,
                default => throw InvalidValue::because("{$place} {$field}", 'yes or no'),
            };
        }
        try {
            return new ForecastHour($at, ...$figures);
        } catch (InvalidValue $invalid) {
            throw $invalid->within($place);
        }
    }
}
