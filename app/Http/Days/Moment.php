<?php

declare(strict_types=1);

namespace App\Http\Days;

use DateTimeImmutable;
use DateTimeZone;

/** A moment as devices tell it and as they are told: UTC, to the millisecond. */
final class Moment
{
    /** s since 1970 UTC. */
    public static function seconds(string $told): float
    {
        return (float) (new DateTimeImmutable($told))->format('U.v');
    }

    /** @param  float  $at  s since 1970 UTC */
    public static function told(float $at): string
    {
        $moment = DateTimeImmutable::createFromFormat('U.v', sprintf('%.3F', $at), new DateTimeZone('UTC'));
        assert($moment !== false);

        return $moment->format('Y-m-d\TH:i:s.v\Z');
    }
}
