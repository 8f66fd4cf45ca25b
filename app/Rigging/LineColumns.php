<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\LineFigure;
use BackedEnum;

/** The columns of a line's row that say something themselves; the rest name records, see {@see Locker}. */
final class LineColumns
{
    /** @return array<string, mixed> */
    public static function of(DescribedLine $line): array
    {
        $figures = [];
        foreach (LineFigure::cases() as $figure) {
            $figures[$figure->value] = $line->figure($figure);
        }

        return [
            'presentation' => $line->presentation->value,
            'leader_material' => $line->leaderMaterial?->value,
            'attractor' => $line->attractor?->kind->value,
            'dial_side' => $line->dialSide?->value,
            'cable' => $line->cable?->value,
            'overrides' => $line->overrides === [] ? null : $line->overrides,
        ] + $figures;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, float> by {@see LineFigure}
     */
    public static function figures(array $row): array
    {
        $figures = [];
        foreach (LineFigure::cases() as $figure) {
            $value = $row[$figure->value] ?? null;
            if (is_int($value) || is_float($value)) {
                $figures[$figure->value] = (float) $value;
            }
        }

        return $figures;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  array<string, mixed>  $row
     * @param  class-string<T>  $words
     * @return ?T
     *
     * @throws InvalidValue where it is none of them
     */
    public static function word(array $row, string $key, string $words): ?BackedEnum
    {
        $word = $row[$key] ?? null;

        return is_string($word)
            ? $words::tryFrom($word) ?? throw InvalidValue::because(
                $key, 'one of '.implode(', ', array_column($words::cases(), 'value')),
            )
            : null;
    }
}
