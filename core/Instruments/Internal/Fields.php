<?php

declare(strict_types=1);

namespace Admek\Core\Instruments\Internal;

use Admek\Core\Instruments\Figure;
use Admek\Core\Units\Units;

/** The fields of an NMEA 0183 sentence, its name the first. A figure is null where it is not told, NAN where it is none. */
final readonly class Fields
{
    /** m/s */
    public const KNOT = 1852.0 / 3600.0;

    private const KILOMETRE_AN_HOUR = 1.0 / 3.6;

    private const FATHOM = 6.0 * Units::FOOT;

    /** @param  list<string>  $fields */
    public function __construct(private array $fields)
    {
    }

    public function word(int $at): string
    {
        return $this->fields[$at] ?? '';
    }

    public function number(int $at, float $unit = 1.0): ?float
    {
        $text = $this->word($at);

        return match (true) {
            $text === '' => null,
            preg_match('/^-?(\d{1,7}(\.\d{0,9})?|\.\d{1,9})$/', $text) === 1 => (float) $text * $unit,
            default => NAN,
        };
    }

    /** Not told; or no figure, for what stands there. */
    public function missing(int $at): ?float
    {
        return $this->word($at) === '' ? null : NAN;
    }

    public function bearing(int $at, string $sign): ?float
    {
        $bearing = $this->number($at);

        return $bearing === null || $this->word($at + 1) === $sign ? $bearing : NAN;
    }

    /** Knots, else kilometres an hour. */
    public function speed(int $at): ?float
    {
        $knots = $this->number($at, self::KNOT);
        if ($knots !== null) {
            return $this->word($at + 1) === 'N' ? $knots : NAN;
        }
        $kilometres = $this->number($at + 2, self::KILOMETRE_AN_HOUR);

        return $kilometres === null || $this->word($at + 3) === 'K' ? $kilometres : NAN;
    }

    /** Metres, else feet, else fathoms. */
    public function depth(): ?float
    {
        foreach ([[3, 'M', 1.0], [1, 'f', Units::FOOT], [5, 'F', self::FATHOM]] as [$at, $sign, $unit]) {
            $depth = $this->number($at, $unit);
            if ($depth !== null) {
                return $this->word($at + 1) === $sign ? $depth : NAN;
            }
        }

        return null;
    }

    public function wind(): ?float
    {
        $unit = ['N' => self::KNOT, 'M' => 1.0, 'K' => self::KILOMETRE_AN_HOUR][$this->word(4)] ?? null;

        return $unit === null ? $this->missing(3) : $this->number(3, $unit);
    }

    public function signed(int $at, string $plus, string $minus): ?float
    {
        $value = $this->number($at);

        return match (true) {
            $value === null => null,
            $this->word($at + 1) === $plus => $value,
            $this->word($at + 1) === $minus => -$value,
            default => NAN,
        };
    }

    /**
     * @return array<string, ?float>
     */
    public function compass(): array
    {
        $sensor = $this->number(1);
        $heading = $sensor === null ? null : fmod($sensor + ($this->signed(2, 'E', 'W') ?? 0.0) + 360.0, 360.0);

        return [
            Figure::MagneticHeading->value => $heading, Figure::Variation->value => $this->signed(4, 'E', 'W'),
        ];
    }

    /**
     * Degrees and minutes in one, as ddmm.mmm and dddmm.mmm.
     *
     * @return array<string, ?float>
     */
    public function place(int $at): array
    {
        $degrees = function (int $at, string $form, string $plus, string $minus): ?float {
            $text = $this->word($at);
            if ($text === '') {
                return null;
            }
            $sign = ['' => NAN, $plus => 1.0, $minus => -1.0][$this->word($at + 1)] ?? NAN;

            return preg_match($form, $text, $match) === 1 && (float) $match[2] < 60.0
                ? $sign * ((float) $match[1] + (float) $match[2] / 60.0) : NAN;
        };
        $latitude = $degrees($at, '/^(\d\d)(\d\d(?:\.\d{0,9})?)$/', 'N', 'S');
        $longitude = $degrees($at + 2, '/^(\d{3})(\d\d(?:\.\d{0,9})?)$/', 'E', 'W');

        return ($latitude === null) !== ($longitude === null)
            ? [Figure::Latitude->value => NAN] : [Figure::Latitude->value => $latitude, Figure::Longitude->value => $longitude];
    }
}
