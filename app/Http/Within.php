<?php

declare(strict_types=1);

namespace App\Http;

use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** A range that core holds a figure to, as a rule of a request: told there, held at the edge too. */
final class Within
{
    /** @param  array{int|float, int|float}  $range  least and most */
    public static function range(array $range): string
    {
        return "between:{$range[0]},{$range[1]}";
    }

    /**
     * The same in words, as either boat reads it.
     *
     * @param  array{int|float, int|float}  $range  least and most, SI
     */
    public static function words(array $range, Quantity $quantity): string
    {
        $said = array_map(static fn (Units $units): string => sprintf(
            '%s to %s', $units->figure($quantity, $range[0]), $units->say($quantity, $range[1]),
        ), [Units::Metric, Units::Us]);

        return "Must be from {$said[0]} ({$said[1]}).";
    }
}
