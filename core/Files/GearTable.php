<?php

declare(strict_types=1);

namespace Admek\Core\Files;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\GearField;
use Admek\Core\Tackle\Catalogue\GearForm;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Unit;
use Admek\Core\Units\Units;

/**
 * A list of the locker as a table (RFC 4180, or as a spreadsheet writes it): a heading names the columns by their labels or
 * keys, with the unit each is in where it is another than the boat's; a row a piece. Rows that cannot be read are passed
 * over, each with its reason.
 */
final readonly class GearTable
{
    private const MOST_ROWS = 1000;

    private const YES = ['yes', 'y', 'true', '1', 'x', 'ja'];

    private const NO = ['no', 'n', 'false', '0', '', '-', 'nein'];

    /**
     * @param  list<array{line: int, figures: array<string, string|float|int|bool|null>}>  $rows  by their fields' keys, SI
     * @param  list<array{line: int, text: string, reason: string}>  $bad
     * @param  list<string>  $ignored  headings nothing is known of
     */
    private function __construct(public array $rows, public array $bad, public array $ignored)
    {
    }

    /** @throws InvalidValue where nothing in it can be used */
    public static function read(GearForm $form, string $text, Units $units): self
    {
        $table = Table::read('text', $text);
        if ($table->heading === null || $table->rows === []) {
            throw InvalidValue::because('text', 'a heading that names its columns, and a row for each piece');
        }
        if (count($table->rows) > self::MOST_ROWS) {
            throw InvalidValue::because('text', 'a table of at most '.self::MOST_ROWS.' rows');
        }
        $columns = $ignored = [];
        $named = null;
        foreach ($table->heading as $at => $heading) {
            [$field, $rest] = self::column($form, self::plain($heading));
            if ($field === 'name') {
                $named = $at;
            } elseif ($field === null) {
                $ignored[] = $heading;
            } else {
                $columns[$at] = [$field, self::unitOf($field, $rest, $units)];
            }
        }
        if ($named === null) {
            throw InvalidValue::because('text', 'a table with a column headed name');
        }
        $rows = $bad = [];
        foreach ($table->rows as ['line' => $line, 'cells' => $cells]) {
            try {
                $figures = ['name' => self::plain($cells[$named] ?? '')];
                foreach ($columns as $at => [$field, $unit]) {
                    $figures[$field->key] = self::value($field, $unit, self::plain($cells[$at] ?? ''));
                }
                $rows[] = ['line' => $line, 'figures' => $figures];
            } catch (InvalidValue $invalid) {
                $bad[] = [
                    'line' => $line, 'text' => mb_substr(implode(', ', $cells), 0, 60),
                    'reason' => "{$invalid->field} must be {$invalid->allowed}",
                ];
            }
        }

        return new self($rows, $bad, $ignored);
    }

    /**
     * @param  list<array<string, mixed>>  $pieces  by their fields' keys, SI
     * @return string RFC 4180, in the boat's units, which the heading names
     */
    public static function written(GearForm $form, array $pieces, Units $units): string
    {
        $unit = static fn (GearField $field): string => $field->quantity === null
            ? '' : ($field->unit !== '' ? $field->unit : $units->unit($field->quantity));
        $lines = [['name', ...array_map(
            static fn (GearField $field): string => $field->key.($unit($field) === '' ? '' : ", {$unit($field)}"),
            $form->fields(),
        )]];
        foreach ($pieces as $piece) {
            $lines[] = [self::word($piece['name']), ...array_map(
                static fn (GearField $field): string => self::cell($field, $piece[$field->key] ?? null, $units), $form->fields(),
            )];
        }
        $quoted = static fn (string $cell): string => preg_match('/[",;\n\r]/', $cell) === 1
            ? '"'.str_replace('"', '""', $cell).'"' : $cell;

        return implode('', array_map(
            static fn (array $cells): string => implode(',', array_map($quoted, $cells))."\r\n", $lines,
        ));
    }

    /**
     * Whether a table would tell both alike: what is written out and read in again is a little off in its last figure.
     *
     * @param  mixed  $figure  SI
     * @param  mixed  $other  SI
     */
    public static function tellsAlike(GearField $field, mixed $figure, mixed $other, Units $units): bool
    {
        return self::cell($field, $figure, $units) === self::cell($field, $other, $units);
    }

    private static function cell(GearField $field, mixed $value, Units $units): string
    {
        return match (true) {
            $value === null => '',
            is_bool($value) => $value ? 'yes' : 'no',
            $field->quantity !== null && (is_float($value) || is_int($value)) => rtrim(rtrim(
                sprintf('%.6F', round($units->fromSi($field->quantity, (float) $value), 6)), '0',
            ), '.'),
            $field->options !== null => $field->options[is_string($value) ? $value : ''] ?? self::word($value),
            default => self::word($value),
        };
    }

    private static function word(mixed $value): string
    {
        return Table::named(is_string($value) ? $value : '');
    }

    /** @return array{GearField|'name'|null, string} what a heading names, and what stands behind that: a unit, perhaps */
    private static function column(GearForm $form, string $heading): array
    {
        $split = preg_match('/^(.*?)\s*[,(\[]\s*([^,()\[\]]+?)\s*[)\]]?$/u', $heading, $match) === 1
            ? [$match[1], $match[2]] : null;
        foreach (array_filter([[$heading, ''], $split]) as [$label, $rest]) {
            $label = strtolower($label);
            if ($label === 'name') {
                return ['name', ''];
            }
            foreach ($form->fields() as $field) {
                if (in_array($label, [$field->key, str_replace('_', ' ', $field->key), strtolower($field->label)], true)) {
                    return [$field, $rest];
                }
            }
        }

        return [null, ''];
    }

    /** @throws InvalidValue where the heading's unit measures something else */
    private static function unitOf(GearField $field, string $rest, Units $units): ?Unit
    {
        $quantity = $field->quantity;
        if ($quantity === null || in_array($quantity, [Quantity::Count, Quantity::Colours], true)) {
            return null;
        }

        return $rest === ''
            ? Unit::of($quantity, $units->unit($quantity))
            : Unit::inHeading($quantity, $rest) ?? throw InvalidValue::because(
                'text', "a heading whose unit measures its column: {$field->label} is not in {$rest}",
            );
    }

    /** A cell as it was meant: an apostrophe ahead of a sign only keeps a spreadsheet from reckoning it out. */
    private static function plain(string $cell): string
    {
        return Table::plain(trim($cell));
    }

    /** @throws InvalidValue naming the field */
    private static function value(GearField $field, ?Unit $unit, string $cell): string|float|int|bool|null
    {
        if (is_bool($field->start)) {
            $word = strtolower($cell);

            return match (true) {
                in_array($word, self::YES, true) => true,
                in_array($word, self::NO, true) => false,
                default => throw InvalidValue::because($field->key, "yes or no, not “{$cell}”"),
            };
        }
        if ($cell === '') {
            return $field->optional ? null : $field->start;
        }
        if ($field->options !== null) {
            foreach ($field->options as $value => $word) {
                if (in_array(strtolower($cell), [strtolower((string) $value), strtolower($word)], true)) {
                    return (string) $value;
                }
            }
            throw InvalidValue::because($field->key, 'one of '.implode(', ', $field->options).", not “{$cell}”");
        }
        if ($field->quantity === null) {
            return $cell;
        }
        $figure = Table::number($cell) ?? throw InvalidValue::because($field->key, "a number, not “{$cell}”");

        return match (true) {
            $unit !== null => $unit->toSi($figure),
            $field->whole && $figure === floor($figure) => (int) $figure,
            default => $figure,
        };
    }
}
