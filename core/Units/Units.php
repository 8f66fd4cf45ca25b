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

    /** Within which a figure is one that somebody told. */
    private const TOLD = 1e-6;

    /** m/s², standard: what makes a pound a force. */
    private const GRAVITY = 9.80665;

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
        $shown = $this->fromSi($quantity, $si);
        $told = $this->typedPlaces($quantity);
        // What was told to the last place is said so; what is worked out is said to what it is worth.
        $places = max($this->places($quantity), abs($shown - round($shown, $told)) < self::TOLD ? $told : 0);
        $text = number_format($shown, $places, '.', '');
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
            Quantity::Seconds => ['s', 's'],
            Quantity::Minutes => ['min', 'min'],
            Quantity::Hours => ['h', 'h'],
            Quantity::Angle => ['°', '°'],
            Quantity::Turning => ['°/s', '°/s'],
            Quantity::Share => ['%', '%'],
            Quantity::Pull => ['lb', 'N'],
            Quantity::Fish => ['in', 'cm'],
            Quantity::Thickness => ['in', 'mm'],
            Quantity::Colours => ['colours', 'colours'],
            Quantity::Count => ['', ''],
        };

        return $this === self::Us ? $us : $metric;
    }

    /** Its unit as it stands beside a field, where there is little room. */
    public function short(Quantity $quantity): string
    {
        return $quantity === Quantity::Colours ? 'col' : $this->unit($quantity);
    }

    /** Its unit as a sentence says it, of many. */
    public function spoken(Quantity $quantity): string
    {
        $unit = $this->unit($quantity);

        return match ($unit) {
            'ft' => 'feet',
            'm' => 'metres',
            'mi' => 'miles',
            'km' => 'kilometres',
            'mph' => 'miles an hour',
            'km/h' => 'kilometres an hour',
            '°F', '°C' => 'degrees',
            's' => 'seconds',
            '°/s' => 'degrees a second',
            'lb' => 'pounds',
            'kg' => 'kilograms',
            'in' => 'inches',
            'cm' => 'centimetres',
            default => $unit,
        };
    }

    public function fromSi(Quantity $quantity, float $si): float
    {
        return $si / $this->size($quantity) + $this->zero($quantity);
    }

    public function toSi(Quantity $quantity, float $figure): float
    {
        return ($figure - $this->zero($quantity)) * $this->size($quantity);
    }

    /** One of the unit in SI. */
    public function size(Quantity $quantity): float
    {
        $us = $this === self::Us;

        return match ($quantity) {
            Quantity::Depth, Quantity::Length, Quantity::Leader, Quantity::Height => $us ? self::FOOT : 1.0,
            Quantity::Distance => $us ? self::MILE : 1000.0,
            Quantity::Speed, Quantity::Wind => $us ? self::MPH : 1 / 3.6,
            Quantity::Temperature, Quantity::TemperatureStep => $us ? 1 / 1.8 : 1.0,
            Quantity::Gradient => $us ? 1 / 1.8 / self::FOOT : 1.0,
            Quantity::Mass => $us ? self::POUND : 1.0,
            Quantity::SmallMass => $us ? self::POUND / 16 : 1e-3,
            Quantity::Pull => $us ? self::POUND * self::GRAVITY : 1.0,
            Quantity::Fish => $us ? self::FOOT / 12 : 1e-2,
            Quantity::Thickness => $us ? self::FOOT / 12 : 1e-3,
            Quantity::Share => 0.01,
            Quantity::Seconds, Quantity::Minutes, Quantity::Hours, Quantity::Angle, Quantity::Turning, Quantity::Colours,
            Quantity::Count => 1.0,
        };
    }

    /** What it reads where SI reads nought. */
    public function zero(Quantity $quantity): float
    {
        return $quantity === Quantity::Temperature && $this === self::Us ? 32.0 : 0.0;
    }

    /** Decimals of a field, which shows what was typed into it. */
    public function fieldPlaces(Quantity $quantity): int
    {
        return match ($quantity) {
            Quantity::Length => $this === self::Us ? 0 : 1,
            Quantity::Leader, Quantity::Mass => $this === self::Us ? 1 : 2,
            default => $this->places($quantity),
        };
    }

    /** Decimals a figure that somebody told keeps, where it has them: scales show quarters of a pound. */
    public function typedPlaces(Quantity $quantity): int
    {
        return $quantity === Quantity::Mass ? 2 : 0;
    }

    /** Decimals a figure is worth in a sentence. */
    private function places(Quantity $quantity): int
    {
        $us = $this === self::Us;

        return match ($quantity) {
            Quantity::Depth, Quantity::Temperature, Quantity::TemperatureStep => $us ? 0 : 1,
            Quantity::Length, Quantity::Wind, Quantity::Seconds, Quantity::Minutes, Quantity::Angle, Quantity::Share => 0,
            Quantity::SmallMass => $us ? 2 : 0,
            Quantity::Fish => $us ? 1 : 0,
            Quantity::Leader, Quantity::Mass, Quantity::Height, Quantity::Distance, Quantity::Speed, Quantity::Hours,
            Quantity::Pull, Quantity::Turning => 1,
            Quantity::Gradient => 2,
            Quantity::Thickness => $us ? 3 : 2,
            Quantity::Colours => 1,
            Quantity::Count => 2,
        };
    }
}
