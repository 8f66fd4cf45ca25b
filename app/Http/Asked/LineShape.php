<?php

declare(strict_types=1);

namespace App\Http\Asked;

use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Parts\Attractor;
use Admek\Core\Tackle\Parts\Material;
use App\Models\SpreadLine;
use Illuminate\Validation\Validator;

/**
 * Holds sent lines to their keys and types; ranges are the core values' own to hold. A plain loop, because a preview
 * is asked for at every step of a control and wildcard rules took a third of its time.
 */
final class LineShape
{
    private const REQUIRED = ['holder_id', 'presentation', 'reel_id', 'lure_id'];

    public static function checkAll(Validator $validator, mixed $lines): void
    {
        if (! is_array($lines) || ! array_is_list($lines)) {
            return;
        }
        $taken = [];
        foreach ($lines as $i => $line) {
            self::check($validator, $line, "lines.{$i}");
            $holder = is_array($line) ? ($line['holder_id'] ?? null) : null;
            if (is_int($holder)) {
                if (isset($taken[$holder])) {
                    $validator->errors()->add("lines.{$i}.holder_id", 'Must be a holder no other line has.');
                }
                $taken[$holder] = true;
            }
        }
    }

    public static function check(Validator $validator, mixed $line, string $at): void
    {
        $errors = $validator->errors();
        if (! is_array($line)) {
            $errors->add($at, 'Must be a line.');

            return;
        }
        foreach (self::REQUIRED as $key) {
            if (! isset($line[$key])) {
                $errors->add("{$at}.{$key}", 'Must be given.');
            }
        }
        foreach ($line as $key => $value) {
            $wrong = $value === null ? null : match (true) {
                in_array($key, SpreadLine::FIGURES, true) => is_int($value) || is_float($value) ? null : 'Must be a number.',
                $key === 'presentation' => is_string($value)
                    && Presentation::tryFrom($value) !== null ? null : 'Must be one of '.self::list(Presentation::cases()).'.',
                $key === 'leader_material' => is_string($value)
                    && Material::tryFrom($value) !== null ? null : 'Must be one of '.self::list(Material::cases()).'.',
                $key === 'attractor' => is_string($value)
                    && Attractor::tryFrom($value) !== null ? null : 'Must be one of '.self::list(Attractor::cases()).'.',
                in_array($key, ['dial_side', 'cable'], true) => is_string($value) ? null : 'Must be a word.',
                $key === 'overrides' => self::overrides($value),
                in_array($key, SpreadLine::PARTS, true) => is_int($value) ? null : 'Must be the id of a record.',
                default => 'Is not a figure of a line.',
            };
            if ($wrong !== null) {
                $errors->add("{$at}.{$key}", $wrong);
            }
        }
    }

    private static function overrides(mixed $value): ?string
    {
        return is_array($value) && array_filter(
            $value,
            static fn (mixed $figure, int|string $key): bool => ! is_string($key) || ! (is_int($figure) || is_float($figure)),
            ARRAY_FILTER_USE_BOTH,
        ) === []
            ? null
            : 'Must be numbers by the name of their figure.';
    }

    /** @param  list<Presentation|Material|Attractor>  $cases */
    private static function list(array $cases): string
    {
        return implode(', ', array_column($cases, 'value'));
    }
}
