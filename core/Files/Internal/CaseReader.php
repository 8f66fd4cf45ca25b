<?php

declare(strict_types=1);

namespace Admek\Core\Files\Internal;

use Admek\Core\InvalidValue;

/** Reads decoded JSON strictly and knows the JSON path it stands at. */
final readonly class CaseReader
{
    private function __construct(private mixed $json, private string $here)
    {
    }

    public static function root(mixed $json): self
    {
        return new self($json, '$');
    }

    /** A value's own complaint, told with the JSON path of the object it was built from. */
    public static function located(InvalidValue $invalid, string $path): InvalidValue
    {
        foreach ($invalid->field === '' ? [] : explode('.', $invalid->field) as $key) {
            $path .= ctype_digit($key) ? "[{$key}]" : ".{$key}";
        }

        return InvalidValue::because($path, $invalid->allowed);
    }

    public function path(string|int|null $key = null): string
    {
        return match (true) {
            $key === null => $this->here,
            is_int($key) => "{$this->here}[{$key}]",
            default => "{$this->here}.{$key}",
        };
    }

    public function has(string $key): bool
    {
        return is_array($this->json) && array_key_exists($key, $this->json);
    }

    /**
     * Holds the object to its keys.
     *
     * @param  list<string>  $required
     * @param  list<string>  $optional
     *
     * @throws InvalidValue naming the missing or unknown key
     */
    public function keys(array $required, array $optional = []): self
    {
        $object = $this->object();
        foreach ($required as $key) {
            if (! array_key_exists($key, $object)) {
                throw InvalidValue::because($this->path($key), 'given');
            }
        }
        foreach (array_keys($object) as $key) {
            if (! in_array($key, [...$required, ...$optional], true)) {
                throw InvalidValue::because(
                    $this->path((string) $key), 'absent: known here are '.implode(', ', [...$required, ...$optional]),
                );
            }
        }

        return $this;
    }

    /**
     * The single key of an object that must be one of these.
     *
     * @param  list<string>  $kinds
     */
    public function oneOf(array $kinds): string
    {
        $keys = array_keys($this->object());
        if (count($keys) !== 1 || ! in_array($keys[0], $kinds, true)) {
            throw InvalidValue::because(
                $this->here, 'an object with exactly one of '.implode(', ', $kinds).' (a board only ends a chain)',
            );
        }

        return $keys[0];
    }

    /** @throws InvalidValue when the key has any other value */
    public function is(string $key, string|int $only): self
    {
        if ($this->value($key) !== $only) {
            throw InvalidValue::because($this->path($key), is_string($only) ? "\"{$only}\"" : (string) $only);
        }

        return $this;
    }

    public function at(string|int $key): self
    {
        return new self($this->value($key), $this->path($key));
    }

    public function value(string|int $key): mixed
    {
        return is_array($this->json) ? ($this->json[$key] ?? null) : null;
    }

    /**
     * @return non-empty-list<self>
     *
     * @throws InvalidValue when it is no list or an empty one
     */
    public function items(string $key): array
    {
        $list = $this->value($key);
        if (! is_array($list) || ! array_is_list($list) || $list === []) {
            throw InvalidValue::because($this->path($key), 'a list of at least one item');
        }
        $items = [];
        foreach ($list as $i => $item) {
            $items[] = new self($item, "{$this->path($key)}[{$i}]");
        }

        return $items;
    }

    /** @throws InvalidValue when it is no finite number */
    public function number(string|int $key): float
    {
        $value = $this->value($key);
        if ((! is_int($value) && ! is_float($value)) || ! is_finite($value)) {
            throw InvalidValue::because($this->path($key), 'a finite number');
        }

        return (float) $value;
    }

    /** @throws InvalidValue when it is no text, or an empty one */
    public function text(string $key): string
    {
        $value = $this->value($key);
        if (! is_string($value) || $value === '') {
            throw InvalidValue::because($this->path($key), 'a non-empty text');
        }

        return $value;
    }

    /** @return array<array-key, mixed> */
    private function object(): array
    {
        if (! is_array($this->json) || ($this->json !== [] && array_is_list($this->json))) {
            throw InvalidValue::because($this->here, 'an object');
        }

        return $this->json;
    }
}
