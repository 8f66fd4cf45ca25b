<?php

declare(strict_types=1);

namespace Admek\Core\Units;

/**
 * What a boat thinks in: feet, statute miles an hour, °F and pounds, or metric. Conversions by definition (1959 yard and pound).
 */
enum Units: string
{
    case Us = 'us';
    case Metric = 'metric';

    public const FOOT = 0.3048;

    public const MILE = 1609.344;

    public const MPH = 0.44704;

    public const POUND = 0.45359237;

    /** A figure and its unit, as a captain says it. */
    public function say(Quantity $quantity, float $si): string
    {
        $unit = $this->unit($quantity);

        return $this->figure($quantity, $si).match (true) {
            $unit === '' => '',
            in_array($unit, ['°', '%'], true) => $unit,
            $unit === 'colours' && $this->figure($quantity, $si) === '1' => ' colour',
            default => " {$unit}",
        };
    }

    /** The figure alone, to as many places as it is worth. */
    public function figure(Quantity $quantity, float $si): string
    {
        $text = number_format($this->fromSi($quantity, $si), $this->places($quantity), '.', '');
        if (str_contains($text, '.')) {
            $text = rtrim(rtrim($text, '0'), '.');
        }

        return $text === '-0' ? '0' : $text;
    }

    public function unit(Quantity $quantity): string
    {
        [$us, $metric] = match ($quantity) {
            Quantity::Depth, Quantity::Length, Quantity::Leader, Quantity::Height => ['ft', 'm'],
            Quantity::Distance => ['mi', 'km'],
            Quantity::Speed, Quantity::Wind => ['mph', 'km/h'],
            Quantity::Temperature, Quantity::TemperatureStep => ['°F', '°C'],
            Quantity::Gradient => ['°F a foot', '°C a metre'],
            Quantity::Mass => ['lb', 'kg'],
            Quantity::SmallMass => ['oz', 'g'],
            Quantity::Minutes => ['min', 'min'],
            Quantity::Hours => ['h', 'h'],
            Quantity::Angle => ['°', '°'],
            Quantity::Share => ['%', '%'],
            Quantity::Thickness => ['in', 'mm'],
            Quantity::Colours => ['colours', 'colours'],
            Quantity::Count => ['', ''],
        };

        return $this === self::Us ? $us : $metric;
    }

    public function fromSi(Quantity $quantity, float $si): float
    {
        return $quantity === Quantity::Temperature && $this === self::Us ? $si * 1.8 + 32.0 : $si / $this->size($quantity);
    }

    public function toSi(Quantity $quantity, float $figure): float
    {
        return $quantity === Quantity::Temperature && $this === self::Us
            ? ($figure - 32.0) / 1.8
            : $figure * $this->size($quantity);
    }

    /** One of the unit in SI. */
    private function size(Quantity $quantity): float
    {
        $us = $this === self::Us;

        return match ($quantity) {
            Quantity::Depth, Quantity::Length, Quantity::Leader, Quantity::Height => $us ? self::FOOT : 1.0,
            Quantity::Distance => $us ? self::MILE : 1000.0,
            Quantity::Speed, Quantity::Wind => $us ? self::MPH : 1 / 3.6,
            Quantity::TemperatureStep => $us ? 1 / 1.8 : 1.0,
            Quantity::Gradient => $us ? 1 / 1.8 / self::FOOT : 1.0,
            Quantity::Mass => $us ? self::POUND : 1.0,
            Quantity::SmallMass => $us ? self::POUND / 16 : 1e-3,
            Quantity::Thickness => $us ? self::FOOT / 12 : 1e-3,
            Quantity::Share => 0.01,
            default => 1.0,
        };
    }

    private function places(Quantity $quantity): int
    {
        return match ($quantity) {
            Quantity::Depth, Quantity::Temperature, Quantity::TemperatureStep => $this === self::Us ? 0 : 1,
            Quantity::Length, Quantity::Wind, Quantity::Minutes, Quantity::Angle, Quantity::Share => 0,
            Quantity::SmallMass => $this === self::Us ? 2 : 0,
            Quantity::Mass, Quantity::Leader, Quantity::Height, Quantity::Distance, Quantity::Speed, Quantity::Hours => 1,
            Quantity::Gradient => 2,
            Quantity::Thickness => $this === self::Us ? 3 : 2,
            Quantity::Colours => 1,
            Quantity::Count => 2,
        };
    }
}
