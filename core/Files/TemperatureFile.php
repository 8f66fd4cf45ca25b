<?php

declare(strict_types=1);

namespace Admek\Core\Files;

use Admek\Core\Files\Internal\Column;
use Admek\Core\InvalidValue;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Unit;
use Admek\Core\Units\Units;

/**
 * Temperatures by depth as typed, pasted, or written by a probe or logger: which column is depth and which temperature
 * is read off the heading, as are the units; of a file without one the first two columns. What was guessed is said.
 * Rows that cannot be read are passed over, each with its reason; readings of one depth, down and up, are averaged.
 */
final readonly class TemperatureFile
{
    /** Readings kept; a logger's are averaged over ever thicker water until there are no more. */
    private const MOST_READINGS = 150;

    /** m of water within which readings are one. */
    private const ONE_DEPTH = 0.05;

    private const MOST_SAID = 20;

    /**
     * @param  list<array{depth: float, celsius: float}>  $readings  m and °C, depth rising
     * @param  array{
     *     depth: array{column: string, unit: string, guessed: bool},
     *     temperature: array{column: string, unit: string, guessed: bool},
     * }  $columns
     * @param  list<array{line: int, text: string, reason: string}>  $bad  the first of them
     */
    private function __construct(
        public array $readings, public array $columns, public array $bad, public int $rows, public int $badRows,
    ) {
    }

    /**
     * @param  Units  $units  what figures are in where nothing says it
     * @param  ?string  $depthUnit  one of {@see Unit::names()}, as the captain says, over what was recognised
     * @param  ?string  $temperatureUnit  likewise
     *
     * @throws InvalidValue where nothing in it can be used, or there is no such unit
     */
    public static function read(string $text, Units $units, ?string $depthUnit = null, ?string $temperatureUnit = null): self
    {
        $table = Table::read('text', $text);
        if ($table->rows === []) {
            throw InvalidValue::because('text', 'at least one row with a depth and a temperature');
        }
        [$depthAt, $temperatureAt] = self::columnsOf($table);
        $depth = Column::of($table, $depthAt, Quantity::Depth, 'depth_unit', $depthUnit, $units->unit(Quantity::Depth));
        $temperature = Column::of(
            $table, $temperatureAt, Quantity::Temperature, 'temperature_unit', $temperatureUnit,
            self::likely($table, $temperatureAt, $units),
        );
        $readings = $bad = [];
        foreach ($table->rows as ['line' => $line, 'cells' => $cells]) {
            $read = self::row($cells, $depth, $temperature);
            is_string($read)
                ? $bad[] = ['line' => $line, 'text' => mb_substr(implode(', ', $cells), 0, 60), 'reason' => $read]
                : $readings[] = $read;
        }
        if ($readings === []) {
            throw InvalidValue::because(
                'text', "a list of depths and temperatures; line {$bad[0]['line']} is not: {$bad[0]['reason']}",
            );
        }
        if (self::looksSwapped($readings, $table->heading !== null)) {
            throw InvalidValue::because(
                'text',
                'depth in the first column and temperature in the second: here they look swapped. A heading that names them '
                    .'settles it',
            );
        }

        return new self(
            self::averaged($readings),
            array_map(static fn (Column $column): array => [
                'column' => $column->name, 'unit' => $column->unit->name, 'guessed' => $column->guessed,
            ], ['depth' => $depth, 'temperature' => $temperature]),
            array_slice($bad, 0, self::MOST_SAID), count($table->rows), count($bad),
        );
    }

    /** @return array{int, int} columns of depth and temperature */
    private static function columnsOf(Table $table): array
    {
        if ($table->heading === null) {
            return [0, 1];
        }
        $depth = Column::named($table, Column::DEPTH);
        $temperature = Column::named($table, '/(temp|°\s?[cf]|celsius|fahrenheit|\bt\b)/iu');
        if ($depth === null || $temperature === null || $depth === $temperature) {
            throw InvalidValue::because(
                'text', 'a heading that names a column depth and a column temperature, or no heading and just these two',
            );
        }

        return [$depth, $temperature];
    }

    /**
     * The unit temperatures are in where nothing says it: no water is 40 °C, and none that is fished is ever under 32 in
     * °F.
     */
    private static function likely(Table $table, int $at, Units $units): string
    {
        $values = array_filter(
            array_map(static fn (array $row): ?float => Table::number($row['cells'][$at] ?? ''), $table->rows),
            static fn (?float $value): bool => $value !== null,
        );

        return match (true) {
            $values === [] => $units->unit(Quantity::Temperature),
            max($values) > 40.0 || ($units === Units::Us && max($values) > 32.0 && min($values) >= 32.0) => '°F',
            default => '°C',
        };
    }

    /**
     * @param  list<string>  $cells
     * @return array{depth: float, celsius: float}|string the reading, or what is wrong with it
     */
    private static function row(array $cells, Column $depthIn, Column $temperatureIn): array|string
    {
        foreach (['depth' => $depthIn, 'temperature' => $temperatureIn] as $of => $column) {
            if ($column->figure($cells) === null) {
                return $column->cell($cells) === '' ? "no {$of}" : "its {$of} is no number";
            }
        }
        [$depth, $celsius] = [abs((float) $depthIn->figure($cells)), (float) $temperatureIn->figure($cells)];

        return match (true) {
            $depth > 400.0 => "deeper than any water fished ({$depthIn->unit->name}?)",
            $celsius < -2.0 => "colder than water can be ({$temperatureIn->unit->name}?)",
            $celsius > 40.0 => "warmer than any water fished ({$temperatureIn->unit->name}?)",
            default => ['depth' => $depth, 'celsius' => $celsius],
        };
    }

    /**
     * Without a heading: what should be depth wanders while the other only rises, and starts at the surface.
     *
     * @param  list<array{depth: float, celsius: float}>  $readings
     */
    private static function looksSwapped(array $readings, bool $named): bool
    {
        if ($named || count($readings) < 4) {
            return false;
        }
        $rises = static function (string $of) use ($readings): bool {
            for ($i = 1, $n = count($readings); $i < $n; $i++) {
                if ($readings[$i][$of] <= $readings[$i - 1][$of]) {
                    return false;
                }
            }

            return true;
        };

        return ! $rises('depth') && $rises('celsius');
    }

    /**
     * @param  list<array{depth: float, celsius: float}>  $readings
     * @return list<array{depth: float, celsius: float}>
     */
    private static function averaged(array $readings): array
    {
        for ($bin = self::ONE_DEPTH; ; $bin *= 2) {
            $bins = [];
            foreach ($readings as $reading) {
                $bins[(int) round($reading['depth'] / $bin)][] = $reading;
            }
            if (count($bins) <= self::MOST_READINGS) {
                break;
            }
        }
        ksort($bins);
        $mean = static fn (array $of, string $figure): float => array_sum(array_column($of, $figure)) / count($of);

        return array_map(
            static fn (array $of): array => [
                'depth' => round($mean($of, 'depth'), 4), 'celsius' => round($mean($of, 'celsius'), 3),
            ],
            array_values($bins),
        );
    }
}
