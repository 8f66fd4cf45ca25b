<?php

declare(strict_types=1);

namespace Admek\Core;

use InvalidArgumentException;

/**
 * A value nobody could rig, tow or record: carries the field's name and what would be accepted,
 * so that the edge (form, file, command line) can say both beside the field; a range also as numbers, in the
 * field's own unit, so that a page can say it in the captain's.
 */
final class InvalidValue extends InvalidArgumentException
{
    private function __construct(
        public readonly string $field,
        public readonly string $allowed,
        string $message,
        public readonly ?float $least = null,
        public readonly ?float $most = null,
    ) {
        parent::__construct($message);
    }

    public static function because(string $field, string $allowed): self
    {
        return new self($field, $allowed, "{$field} must be {$allowed}.");
    }

    /** The same complaint seen from an enclosing value: its field is prefixed with where it stands. */
    public function within(string $parent): self
    {
        $field = rtrim("{$parent}.{$this->field}", '.');

        return new self($field, $this->allowed, "{$field} must be {$this->allowed}.", $this->least, $this->most);
    }

    /** The same complaint of a field that goes by another name where it was entered. */
    public function named(string $field): self
    {
        return new self($field, $this->allowed, "{$field} must be {$this->allowed}.", $this->least, $this->most);
    }

    /** @throws self when $value is not finite or lies outside [$min, $max] */
    public static function unlessBetween(string $field, float $value, float $min, float $max, string $unit = ''): void
    {
        if (! is_finite($value) || $value < $min || $value > $max) {
            $allowed = trim(sprintf('a number from %s to %s %s', self::plain($min), self::plain($max), $unit));
            throw new self($field, $allowed, "{$field} must be {$allowed}.", $min, $max);
        }
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(sprintf('%.6F', $number), '0'), '.');
    }
}
