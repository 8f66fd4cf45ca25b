<?php

declare(strict_types=1);

namespace Admek\Core\Patterns;

use Admek\Core\InvalidValue;

/** Line-hours fished in one way, and what bit in them. */
final readonly class Exposure
{
    /** h that one may be of. */
    public const HOURS = [0, 100_000];

    /**
     * @param  array<string, string>  $levels  how it was fished, by factor; what nobody knows is not among them
     *
     * @throws InvalidValue naming hours or bites
     */
    public function __construct(public float $hours, public int $bites, public array $levels)
    {
        InvalidValue::unlessBetween('hours', $hours, ...self::HOURS, unit: 'h');
        if ($bites < 0) {
            throw InvalidValue::because('bites', 'at least 0');
        }
        if ($bites > 0 && $hours === 0.0) {
            throw InvalidValue::because('hours', 'more than 0 where there are bites');
        }
    }
}
