<?php

declare(strict_types=1);

namespace Admek\Core\Files\Internal;

use Admek\Core\Files\Table;
use Admek\Core\InvalidValue;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Unit;

/** A column of figures in a table: what it is called there, and the unit they are in. */
final readonly class Column
{
    public const DEPTH = '/(depth|tiefe|\bd\b|\bz\b)/i';

    private function __construct(public int $at, public string $name, public Unit $unit, public bool $guessed)
    {
    }

    /** The first column whose name matches; null where none does. */
    public static function named(Table $table, string $pattern): ?int
    {
        foreach ($table->heading ?? [] as $at => $name) {
            if (preg_match($pattern, $name) === 1) {
                return $at;
            }
        }

        return null;
    }

    /**
     * @param  string  $field  the unit is told by, in an error
     * @param  ?string  $said  a unit, over what the heading says
     * @param  string  $otherwise  the unit where neither says any
     *
     * @throws InvalidValue where there is no such unit
     */
    public static function of(
        Table $table, int $at, Quantity $quantity, string $field, ?string $said, string $otherwise,
    ): self {
        $told = $said === null ? Unit::inHeading($quantity, $table->heading[$at] ?? '') : Unit::of($quantity, $said)
            ?? throw InvalidValue::because($field, 'one of '.implode(', ', Unit::names($quantity)));

        return new self(
            $at, $table->heading[$at] ?? 'column '.($at + 1),
            $told ?? Unit::of($quantity, $otherwise) ?? throw new \LogicException($otherwise), $told === null,
        );
    }

    /**
     * @param  list<string>  $cells  of a row
     * @return ?float SI; null where its cell is no number
     */
    public function figure(array $cells): ?float
    {
        $figure = Table::number($this->cell($cells));

        return $figure === null ? null : $this->unit->toSi($figure);
    }

    /** @param  list<string>  $cells  of a row */
    public function cell(array $cells): string
    {
        return $cells[$this->at] ?? '';
    }
}
