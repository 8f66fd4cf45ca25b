<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

use Admek\Core\InvalidValue;

/** A line as it is stored, sent or filed: figures by name, each either there or asked for by name. */
final readonly class Description
{
    /** @param  array<string, mixed>  $figures */
    public function __construct(private array $figures)
    {
    }

    public function has(string $key): bool
    {
        return ($this->figures[$key] ?? null) !== null;
    }

    /** @throws InvalidValue when it is not given */
    public function number(string $key): float
    {
        $value = $this->figures[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : throw InvalidValue::because($key, 'given for this presentation');
    }

    public function numberOr(string $key, float $otherwise): float
    {
        return $this->has($key) ? $this->number($key) : $otherwise;
    }

    /** @throws InvalidValue when it is not given */
    public function text(string $key): string
    {
        $value = $this->figures[$key] ?? null;

        return is_string($value) ? $value : throw InvalidValue::because($key, 'given');
    }

    public function flag(string $key): bool
    {
        return ($this->figures[$key] ?? false) === true;
    }

    /** @throws InvalidValue when it is not given */
    public function part(string $key): self
    {
        $value = $this->figures[$key] ?? null;
        if (! is_array($value)) {
            throw InvalidValue::because($key, 'given for this presentation');
        }

        /** @var array<string, mixed> $value */
        return new self($value);
    }

    /** @return array<string, float> */
    public function numbers(string $key): array
    {
        $numbers = [];
        foreach (is_array($this->figures[$key] ?? null) ? $this->figures[$key] : [] as $name => $value) {
            if (is_int($value) || is_float($value)) {
                $numbers[(string) $name] = (float) $value;
            }
        }

        return $numbers;
    }
}
