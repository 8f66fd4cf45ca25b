<?php

declare(strict_types=1);

namespace Admek\Core\Files;

use Admek\Core\InvalidValue;
use Admek\Core\Units\Compass;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Unit;

/**
 * A figure of a forecast as it is read out on the radio: "10 kt", "1–3 ft", "NW". Of a range the worse end counts, which
 * limits are held to: the higher of wind and waves, the shorter of visibility.
 */
final class ForecastText
{
    /** What each figure measures; a direction is none. */
    public const QUANTITIES = [
        'wind' => Quantity::Wind, 'gust' => Quantity::Wind, 'from' => null, 'wave' => Quantity::Height,
        'visibility' => Quantity::Distance,
    ];

    private const FIGURE = '/^(\d+(?:[.,]\d+)?)(?:\s*(?:-|–|—|to)\s*(\d+(?:[.,]\d+)?))?\s*([^\d\s].*)?$/u';

    /**
     * @param  string  $field  of {@see QUANTITIES}
     * @param  string  $otherwise  unit where none is told
     * @return ?float SI, or degrees true; null where nothing is told
     *
     * @throws InvalidValue naming the field
     */
    public static function read(string $field, string $text, string $otherwise): ?float
    {
        $text = trim($text);
        $quantity = self::QUANTITIES[$field];
        if ($text === '') {
            return null;
        }
        if ($quantity === null) {
            return self::bearing($field, $text);
        }
        $units = implode(', ', Unit::names($quantity));
        if (preg_match(self::FIGURE, $text, $match) !== 1) {
            throw InvalidValue::because($field, "a figure or a range, in {$units}");
        }
        $unit = Unit::inHeading($quantity, $match[3] ?? $otherwise)
            ?? throw InvalidValue::because($field, "in one of {$units}");
        $ends = array_map(
            static fn (string $end): float => (float) str_replace(',', '.', $end),
            array_filter([$match[1], $match[2] ?? ''], static fn (string $end): bool => $end !== ''),
        );

        return $unit->toSi($field === 'visibility' ? min($ends) : max($ends));
    }

    private static function bearing(string $field, string $text): float
    {
        if (preg_match('/^\d{1,3}(?:\.\d+)?\s*°?$/u', $text) === 1) {
            return (float) $text;
        }

        return Compass::bearing($text) ?? throw InvalidValue::because($field, 'degrees, or a point such as NW or north-west');
    }
}
