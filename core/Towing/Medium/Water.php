<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Medium;

use Admek\Core\InvalidValue;

/** What a spread is towed through. */
final readonly class Water
{
    public const STANDARD_GRAVITY = 9.80665;

    /** kg/m³: least and most. */
    public const DENSITY = [500, 1500];

    /**
     * @param  float  $density  kg/m³
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(public float $density, public Flow $flow)
    {
        InvalidValue::unlessBetween('density', $density, ...self::DENSITY, unit: 'kg/m³');
    }

    public function flowing(Flow $flow): self
    {
        return new self($this->density, $flow);
    }
}
