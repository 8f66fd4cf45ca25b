<?php

declare(strict_types=1);

namespace Admek\Core\Files;

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
     * @param  ?string  $depthUnit  ft, m or fathoms, as the captain says, over what was recognised
     * @param  ?string  $temperatureUnit  °F or °C
     *
     * @throws InvalidValue where nothing in it can be used
     */
    public static function read(string $text, Units $units, ?string $depthUnit = null, ?string $temperatureUnit = null): self
    {
        $table = Table::read('text', $text);
        if ($table->rows === []) {
            throw InvalidValue::because('text', 'at least one row with a depth and a temperature');
        }
        [$depthAt, $temperatureAt] = self::columnsOf($table);
        $depth = self::unit(
            Quantity::Depth, 'depth_unit', $depthUnit, $table->heading[$depthAt] ?? '', $units === Units::Us ? 'ft' : 'm',
        );
        $values = array_filter(
            array_map(static fn (array $row): ?float => Table::number($row['cells'][$temperatureAt] ?? ''), $table->rows),
            static fn (?float $value): bool => $value !== null,
        );
        // No water is 40 °C, and none that is fished has never a figure over 40 in °F.
        $likely = $values === []
            ? null
            : (max($values) > 40.0 ? '°F' : ($units === Units::Us && max($values) > 32.0 && min($values) >= 32.0 ? '°F' : '°C'));
        $temperature = self::unit(
            Quantity::Temperature,
            'temperature_unit',
            $temperatureUnit,
            $table->heading[$temperatureAt] ?? '',
            $likely ?? ($units === Units::Us ? '°F' : '°C'),
        );
        $readings = $bad = [];
        foreach ($table->rows as ['line' => $line, 'cells' => $cells]) {
            $read = self::row($cells, $depthAt, $temperatureAt, $depth['unit'], $temperature['unit']);
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
        $name = static fn (int $column): string => $table->heading[$column] ?? 'column '.($column + 1);

        return new self(
            self::averaged($readings),
            [
                'depth' => ['column' => $name($depthAt), 'unit' => $depth['unit']->name, 'guessed' => $depth['guessed']],
                'temperature' => [
                    'column' => $name($temperatureAt), 'unit' => $temperature['unit']->name, 'guessed' => $temperature['guessed'],
                ],
            ],
            array_slice($bad, 0, self::MOST_SAID), count($table->rows), count($bad),
        );
    }

    /** @return array{int, int} columns of depth and temperature */
    private static function columnsOf(Table $table): array
    {
        if ($table->heading === null) {
            return [0, 1];
        }
        $depth = $temperature = null;
        foreach ($table->heading as $column => $name) {
            $depth ??= preg_match('/(depth|tiefe|\bd\b|\bz\b)/i', $name) === 1 ? $column : null;
            $temperature ??= preg_match('/(temp|°\s?[cf]|celsius|fahrenheit|\bt\b)/iu', $name) === 1 ? $column : null;
        }
        if ($depth === null || $temperature === null || $depth === $temperature) {
            throw InvalidValue::because(
                'text', 'a heading that names a column depth and a column temperature, or no heading and just these two',
            );
        }

        return [$depth, $temperature];
    }

    /** @return array{unit: Unit, guessed: bool} */
    private static function unit(Quantity $quantity, string $field, ?string $said, string $heading, string $otherwise): array
    {
        if ($said !== null) {
            return [
                'unit' => Unit::of($quantity, $said) ?? throw InvalidValue::because(
                    $field, $quantity === Quantity::Depth ? 'ft, m or fathoms' : '°F or °C',
                ),
                'guessed' => false,
            ];
        }
        $named = Unit::inHeading($quantity, $heading);

        return $named !== null
            ? ['unit' => $named, 'guessed' => false]
            : ['unit' => Unit::of($quantity, $otherwise) ?? throw new \LogicException($otherwise), 'guessed' => true];
    }

    /**
     * @param  list<string>  $cells
     * @return array{depth: float, celsius: float}|string the reading, or what is wrong with it
     */
    private static function row(
        array $cells, int $depthAt, int $temperatureAt, Unit $depthUnit, Unit $temperatureUnit,
    ): array|string {
        [$depth, $temperature] = [Table::number($cells[$depthAt] ?? ''), Table::number($cells[$temperatureAt] ?? '')];
        if ($depth === null || $temperature === null) {
            $of = $depth === null ? 'depth' : 'temperature';
            $cell = $cells[$depth === null ? $depthAt : $temperatureAt] ?? '';

            return $cell === '' ? "no {$of}" : "its {$of} is no number";
        }
        [$depth, $celsius] = [abs($depthUnit->toSi($depth)), $temperatureUnit->toSi($temperature)];

        return match (true) {
            $depth > 400.0 => "deeper than any water fished ({$depthUnit->name}?)",
            $celsius < -2.0 => "colder than water can be ({$temperatureUnit->name}?)",
            $celsius > 40.0 => "warmer than any water fished ({$temperatureUnit->name}?)",
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
