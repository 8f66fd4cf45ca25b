<?php

declare(strict_types=1);

namespace Admek\Core\Files\Internal;

use Admek\Core\InvalidValue;
use BackedEnum;

/** Reads the parts of a described line out of decoded JSON; what is missing is null, or asked for by its name. */
final readonly class LineReader
{
    /** @param  array<array-key, mixed>  $json */
    public function __construct(private array $json, private string $within = '')
    {
    }

    /** @throws InvalidValue where it is no number */
    public function number(string $key): ?float
    {
        $value = $this->json[$key] ?? null;

        return match (true) {
            $value === null => null,
            is_int($value) || is_float($value) => (float) $value,
            default => throw $this->wrong($key, 'a number'),
        };
    }

    /** @throws InvalidValue where it is no number, or not given */
    public function someNumber(string $key): float
    {
        return $this->number($key) ?? throw $this->wrong($key, 'given');
    }

    /** @throws InvalidValue where it is no text */
    public function text(string $key): ?string
    {
        $value = $this->json[$key] ?? null;

        return $value === null || is_string($value) ? $value : throw $this->wrong($key, 'a text');
    }

    /** @throws InvalidValue where it is no text, or not given */
    public function someText(string $key): string
    {
        return $this->text($key) ?? throw $this->wrong($key, 'given');
    }

    public function flag(string $key): bool
    {
        return ($this->json[$key] ?? false) === true;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $kinds
     * @return ?T
     *
     * @throws InvalidValue where it is none of them
     */
    public function of(string $key, string $kinds): ?BackedEnum
    {
        $value = $this->text($key);

        return $value === null
            ? null
            : $kinds::tryFrom($value) ?? throw $this->wrong(
                $key, 'one of '.implode(', ', array_column($kinds::cases(), 'value')),
            );
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $kinds
     * @return T
     *
     * @throws InvalidValue where it is none of them, or not given
     */
    public function someOf(string $key, string $kinds): BackedEnum
    {
        return $this->of($key, $kinds) ?? throw $this->wrong($key, 'given');
    }

    /** @throws InvalidValue where it is no object */
    public function part(string $key): ?self
    {
        $value = $this->json[$key] ?? null;

        return match (true) {
            $value === null => null,
            is_array($value) => new self($value, $key),
            default => throw $this->wrong($key, 'an object'),
        };
    }

    /** @throws InvalidValue where it is no object, or not given */
    public function somePart(string $key): self
    {
        return $this->part($key) ?? throw $this->wrong($key, 'given');
    }

    /**
     * @return array<string, float>
     *
     * @throws InvalidValue where one is no number
     */
    public function numbers(string $key): array
    {
        $part = $this->part($key);
        $numbers = [];
        foreach (array_keys($part->json ?? []) as $name) {
            $numbers[(string) $name] = $part?->number((string) $name) ?? 0.0;
        }

        return $numbers;
    }

    private function wrong(string $key, string $allowed): InvalidValue
    {
        return InvalidValue::because($this->within === '' ? $key : "{$this->within}.{$key}", $allowed);
    }
}
