<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Described\DescribedAttractor;
use Admek\Core\Tackle\Described\DescribedBall;
use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Described\DescribedDiver;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\DescribedReel;

/**
 * What is described, found by the id of its record, and back.
 *
 * @phpstan-type Named DescribedHolder|DescribedReel|DescribedLure|DescribedBall|DescribedDiver|DescribedBoard|DescribedAttractor
 */
final class ById
{
    /**
     * The id of one that goes by a name, a holder by its code.
     *
     * @param  array<int, Named>  $records
     *
     * @throws InvalidValue naming the field, when there is none
     */
    public static function named(array $records, string $name, string $field): int
    {
        return self::goesBy($records, $name)
            ?? throw InvalidValue::because($field, "the name of what is aboard, not {$name}");
    }

    /** @param  array<int, Named>  $records */
    public static function goesBy(array $records, string $name): ?int
    {
        foreach ($records as $id => $record) {
            if (($record instanceof DescribedHolder ? $record->code : $record->name) === $name) {
                return $id;
            }
        }

        return null;
    }

    /**
     * @template T of object
     *
     * @param  array<int, T>  $records
     * @param  array<string, mixed>  $row
     * @return ?T null where none is chosen
     *
     * @throws InvalidValue naming the field, when there is none
     */
    public static function chosen(array $records, array $row, string $field, string $what): ?object
    {
        return isset($row[$field]) ? self::one($records, $row[$field], $field, $what) : null;
    }

    /**
     * @template T of object
     *
     * @param  array<int, T>  $records
     * @return T
     *
     * @throws InvalidValue naming the field, when there is none
     */
    public static function one(array $records, mixed $id, string $field, string $what): object
    {
        return $records[is_int($id) ? $id : 0] ?? throw InvalidValue::because($field, "the id of {$what}");
    }
}
