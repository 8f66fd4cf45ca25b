<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

use Admek\Core\Units\Quantity;

/** One thing a piece of gear is told by: a choice, a number in its range, or a word. */
final readonly class GearField
{
    /**
     * @param  string  $key  of its record
     * @param  ?array<string, string>  $options  words by value; null where it is not chosen
     * @param  ?Quantity  $quantity  null where it is no number
     * @param  ?float  $least  SI, or lb of a line's test; null where what is made of it holds it
     * @param  string  $unit  of a plain number
     * @param  bool  $optional  whether it may be left unsaid
     * @param  string|int|float|bool|null  $start  of a new piece
     * @param  bool  $whole  whether it is counted, not measured
     * @param  bool  $keeps  whether one that is not told keeps what it was, or starts so
     */
    private function __construct(
        public string $key,
        public string $label,
        public ?array $options = null,
        public ?Quantity $quantity = null,
        public ?float $least = null,
        public ?float $most = null,
        public string $unit = '',
        public bool $optional = false,
        public string|int|float|bool|null $start = null,
        public bool $keeps = false,
        public bool $whole = false,
    ) {
    }

    /** @param  array<string, string>  $options */
    public static function choice(string $key, string $label, array $options, ?string $start, bool $optional = false): self
    {
        return new self($key, $label, $options, optional: $optional, start: $start);
    }

    public static function flag(string $key, string $label, bool $keeps = false): self
    {
        return new self($key, $label, start: false, keeps: $keeps);
    }

    /** @param  bool  $optional  one that is not told keeps what it was */
    public static function word(string $key, string $label, bool $optional = false): self
    {
        return new self($key, $label, optional: $optional, start: $optional ? null : '');
    }

    /** How many there are of it, where that is known. */
    public static function count(): self
    {
        return new self('count', 'how many', null, Quantity::Count, 0, 500, optional: true, whole: true);
    }

    /** How many of it are aboard: a draft hangs no more. */
    public static function owned(): self
    {
        return new self('count', 'how many', null, Quantity::Count, 0, 500, start: 1, keeps: true, whole: true);
    }

    public static function number(
        string $key,
        string $label,
        Quantity $quantity,
        ?float $least,
        ?float $most,
        ?float $start = null,
        bool $optional = false,
        string $unit = '',
        bool $keeps = false,
    ): self {
        return new self($key, $label, null, $quantity, $least, $most, $unit, $optional, $start, $keeps);
    }
}
