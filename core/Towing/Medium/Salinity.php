<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Medium;

use Admek\Core\InvalidValue;

/** What kind of water a ground is, and what it weighs. */
enum Salinity: string
{
    case Fresh = 'fresh';
    case Brackish = 'brackish';
    case Salt = 'salt';

    /** °C where nobody has read any. */
    public const USUAL_TEMPERATURE = 10.0;

    public const COLDEST = -2.0;

    public const WARMEST = 40.0;

    /** Practical salinity where the captain entered none. */
    public function usual(): float
    {
        return match ($this) {
            self::Fresh => 0.0,
            self::Brackish => 7.0,
            self::Salt => 33.0,
        };
    }

    /** @return array{float, float} least and most practical salinity of the kind */
    public function range(): array
    {
        return match ($this) {
            self::Fresh => [0.0, 0.5],
            self::Brackish => [0.5, 30.0],
            self::Salt => [30.0, 42.0],
        };
    }

    /**
     * Density at the surface, kg/m³, at °C from −2 to 40: the international equation of state of seawater, 1980
     * (UNESCO Technical Papers in Marine Science 36, 1981; Fofonoff & Millard 1983). Fresh water is 999.97 at 4 °C.
     *
     * @param  ?float  $salinity  practical salinity, within the kind's range; null for what is usual
     *
     * @throws InvalidValue naming the field
     */
    public function density(float $celsius = self::USUAL_TEMPERATURE, ?float $salinity = null): float
    {
        InvalidValue::unlessBetween('water_temperature', $celsius, self::COLDEST, self::WARMEST, '°C');
        [$least, $most] = $this->range();
        InvalidValue::unlessBetween('salinity', $salinity ?? $this->usual(), $least, $most);
        $t = $celsius;
        $s = $salinity ?? $this->usual();
        $pure = 999.842594 + $t * (
            6.793952e-2 + $t * (-9.095290e-3 + $t * (1.001685e-4 + $t * (-1.120083e-6 + $t * 6.536332e-9)))
        );
        $first = 8.24493e-1 + $t * (-4.0899e-3 + $t * (7.6438e-5 + $t * (-8.2467e-7 + $t * 5.3875e-9)));
        $second = -5.72466e-3 + $t * (1.0227e-4 - $t * 1.6546e-6);

        return $pure + $first * $s + $second * $s ** 1.5 + 4.8314e-4 * $s * $s;
    }
}
