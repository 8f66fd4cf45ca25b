<?php

declare(strict_types=1);

namespace App\Http;

/** A range that core holds a figure to, as a rule of a request: told there, held at the edge too. */
final class Within
{
    /** @param  array{int|float, int|float}  $range  least and most */
    public static function range(array $range): string
    {
        return "between:{$range[0]},{$range[1]}";
    }
}
