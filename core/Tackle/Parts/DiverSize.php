<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

/** Plates a diver comes in (docs/towing-model.md, Figures). */
enum DiverSize: string
{
    case Small = 'small';
    case Medium = 'medium';
    case Large = 'large';

    /** m² */
    public function dragArea(): float
    {
        return match ($this) {
            self::Small => 3.5e-3,
            self::Medium => 5.5e-3,
            self::Large => 7e-3,
        };
    }

    /** m² */
    public function liftArea(): float
    {
        return match ($this) {
            self::Small => 3.6e-3,
            self::Medium => 5.8e-3,
            self::Large => 7.5e-3,
        };
    }

    /** kg with the water its plate carries along. */
    public function mass(): float
    {
        return match ($this) {
            self::Small => 0.14,
            self::Medium => 0.23,
            self::Large => 0.32,
        };
    }
}
