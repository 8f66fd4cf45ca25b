<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

use Admek\Core\Units\Quantity;

/** What a trip is judged fit by. */
enum Criterion: string
{
    case Wind = 'wind';
    case Gust = 'gust';
    case Wave = 'wave';
    case Visibility = 'visibility';
    case Lightning = 'lightning';
    case Front = 'front';
    case WaterTemperature = 'water_temperature';
    case Distance = 'distance';

    public function quantity(): ?Quantity
    {
        return match ($this) {
            self::Wind, self::Gust => Quantity::Wind,
            self::Wave => Quantity::Height,
            self::Visibility, self::Distance => Quantity::Distance,
            self::WaterTemperature => Quantity::Temperature,
            self::Lightning, self::Front => null,
        };
    }

    /** Whether the limit is a least that it must keep. */
    public function isLeast(): bool
    {
        return $this === self::Visibility || $this === self::WaterTemperature;
    }

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
