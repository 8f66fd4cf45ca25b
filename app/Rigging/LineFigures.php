<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;

/** Reads one line's figures, each either there or asked for by name. */
final readonly class LineFigures
{
    /** @param  array<string, mixed>  $line */
    public function __construct(private array $line)
    {
    }

    public function has(string $key): bool
    {
        return ($this->line[$key] ?? null) !== null;
    }

    public function id(string $key): ?int
    {
        $value = $this->line[$key] ?? null;

        return is_int($value) ? $value : null;
    }

    /** @throws InvalidValue when it is not given */
    public function number(string $key): float
    {
        $value = $this->line[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : throw InvalidValue::because($key, 'given for this presentation');
    }

    /** @throws InvalidValue when it is not given */
    public function text(string $key): string
    {
        $value = $this->line[$key] ?? null;

        return is_string($value) ? $value : throw InvalidValue::because($key, 'given');
    }
}
