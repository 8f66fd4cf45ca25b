<?php

declare(strict_types=1);

namespace Admek\Core\Units;

/** A unit a figure of a file is in, as its heading names it. */
final readonly class Unit
{
    /** Names a heading may give, by the unit they mean: size of one in SI, and what 0 of it is in SI. */
    private const NAMES = [
        'depth' => ['ft' => ['ft|feet|foot', 0.3048], 'm' => ['m|met(?:re|er)s?', 1.0], 'fathoms' => ['fathoms?|fm', 1.8288]],
        'distance' => [
            'mi' => ['mi|miles?|sm', 1609.344],
            'nmi' => ['nmi?|nautical', 1852.0],
            'km' => ['km|kilomet(?:re|er)s?', 1000.0],
            'ft' => ['ft|feet', 0.3048],
            'm' => ['m|met(?:re|er)s?', 1.0],
        ],
        'wind' => [
            'mph' => ['mph', 0.44704],
            'kn' => ['kn|kts?|knots?', 1852 / 3600],
            'km/h' => ['km\/?h|kph', 1 / 3.6],
            'm/s' => ['m\/?s', 1.0],
        ],
        'mass' => [
            'lb' => ['lbs?|pounds?', Units::POUND],
            'oz' => ['oz|ounces?', Units::POUND / 16],
            'kg' => ['kg|kilograms?', 1.0],
            'g' => ['g|grams?', 1e-3],
        ],
        'across' => [
            'in' => ['in|inch(?:es)?', 0.0254], 'mm' => ['mm|millimet(?:re|er)s?', 1e-3],
            'cm' => ['cm|centimet(?:re|er)s?', 1e-2],
        ],
        'temperature' => ['°F' => ['°?\s?f|deg_?f|fahrenheit', 1 / 1.8, -32 / 1.8], '°C' => ['°?\s?c|deg_?c|celsius', 1.0]],
    ];

    private function __construct(public string $name, private float $size, private float $zero = 0.0)
    {
    }

    /** @return list<string> of a file's units of it */
    public static function names(Quantity $quantity): array
    {
        return array_keys(self::NAMES[self::kind($quantity)]);
    }

    public static function of(Quantity $quantity, string $name): ?self
    {
        $found = self::NAMES[self::kind($quantity)][$name] ?? null;

        return $found === null ? null : new self($name, $found[1], $found[2] ?? 0.0);
    }

    /** The unit a heading names; null where it names none. */
    public static function inHeading(Quantity $quantity, string $heading): ?self
    {
        foreach (array_keys(self::NAMES[self::kind($quantity)]) as $name) {
            if (preg_match('/(?:^|[^a-z°])(?:'.self::NAMES[self::kind($quantity)][$name][0].')(?:[^a-z]|$)/iu', $heading) === 1) {
                return self::of($quantity, $name);
            }
        }

        return null;
    }

    public function toSi(float $figure): float
    {
        return $this->zero + $figure * $this->size;
    }

    private static function kind(Quantity $quantity): string
    {
        return match ($quantity) {
            Quantity::Depth, Quantity::Length, Quantity::Leader, Quantity::Height => 'depth',
            Quantity::Wind, Quantity::Speed => 'wind',
            Quantity::Mass, Quantity::SmallMass => 'mass',
            Quantity::Fish, Quantity::Thickness => 'across',
            default => $quantity->value,
        };
    }
}
