<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use Admek\Core\InvalidValue;

/** What a spread is towed through. */
final readonly class Water
{
    public const STANDARD_GRAVITY = 9.80665;

    public const SALT_DENSITY = 1025.0;

    /**
     * @param  float  $density  kg/m³
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(public float $density, public Flow $flow)
    {
        InvalidValue::unlessBetween('density', $density, 500, 1500, 'kg/m³');
    }

    public function flowing(Flow $flow): self
    {
        return new self($this->density, $flow);
    }

    /**
     * Density of air-free fresh water at one atmosphere, kg/m³, at °C from 0 to 40.
     * Kell (1975), J. Chem. Eng. Data 20, 97; 999.97 at 4 °C.
     */
    public static function freshDensity(float $celsius): float
    {
        InvalidValue::unlessBetween('temperature', $celsius, 0, 40, '°C');
        $t = $celsius;

        return (999.83952 + $t * (16.945176 + $t * (-7.9870401e-3 + $t * (-46.170461e-6 + $t * (105.56302e-9 - $t * 280.54253e-12)))))
            / (1 + 16.879850e-3 * $t);
    }
}
