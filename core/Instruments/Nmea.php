<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

use Admek\Core\Instruments\Internal\Fields;

/**
 * NMEA 0183 sentences of what a trolling boat is told: speed, course, heading, place, depth, temperature and wind. Length and
 * checksum are held to; what is not as its kind is formed tells nothing.
 */
final class Nmea
{
    /** Letters a sentence has at most, from its $ to the end of line. */
    public const LONGEST = 82;

    public static function read(string $line): Heard
    {
        $line = rtrim($line, "\r\n");
        if (strlen($line) > self::LONGEST - 2) {
            return new Heard('', '', [], Fault::TooLong);
        }
        if ($line === '' || $line[0] !== '$' || preg_match('/[^\x20-\x7e]/', $line) === 1) {
            return new Heard('', '', [], Fault::NoSentence);
        }
        $star = strrpos($line, '*');
        if ($star === false) {
            return new Heard('', '', [], Fault::Unchecked);
        }
        $body = substr($line, 1, $star - 1);
        $sum = substr($line, $star + 1);
        if (strlen($sum) !== 2 || ! ctype_xdigit($sum) || hexdec($sum) !== self::checksum($body)) {
            return new Heard('', '', [], Fault::Broken);
        }
        $fields = explode(',', $body);
        if (preg_match('/^[A-Z][A-Z0-9][A-Z]{3}$/', $fields[0]) !== 1) {
            return new Heard('', '', [], Fault::Unknown);
        }
        $talker = substr($fields[0], 0, 2);
        $kind = substr($fields[0], 2);
        $told = self::told($kind, new Fields($fields));
        if ($told instanceof Fault) {
            return new Heard($talker, $kind, [], $told);
        }
        foreach ($told as $name => $value) {
            [$least, $most] = Figure::from($name)->range();
            if ($value < $least || $value > $most) {
                return new Heard($talker, $kind, [], Fault::OutOfRange);
            }
        }

        return new Heard($talker, $kind, $told, $told === [] ? Fault::NotValid : null);
    }

    /** A sentence with its checksum and end of line. */
    public static function written(string $body): string
    {
        return sprintf("$%s*%02X\r\n", $body, self::checksum($body));
    }

    /** All its letters between $ and *, by exclusive or. */
    private static function checksum(string $body): int
    {
        $sum = 0;
        for ($i = 0, $n = strlen($body); $i < $n; $i++) {
            $sum ^= ord($body[$i]);
        }

        return $sum;
    }

    /** @return array<string, float>|Fault by their names */
    private static function told(string $kind, Fields $f): array|Fault
    {
        return match ($kind) {
            'VHW' => self::figures([
                Figure::Heading->value => $f->bearing(1, 'T'),
                Figure::MagneticHeading->value => $f->bearing(3, 'M'),
                Figure::WaterSpeed->value => $f->speed(5),
            ]),
            'VTG' => $f->word(9) === 'N' ? Fault::NotValid : self::figures([
                Figure::Course->value => $f->bearing(1, 'T'), Figure::GroundSpeed->value => $f->speed(5),
            ]),
            'RMC' => $f->word(2) === 'V' || $f->word(12) === 'N' ? Fault::NotValid : self::figures($f->place(3) + [
                Figure::GroundSpeed->value => $f->number(7, Fields::KNOT), Figure::Course->value => $f->number(8),
                Figure::Variation->value => $f->signed(10, 'E', 'W'),
            ]),
            'GGA' => $f->word(6) === '0' ? Fault::NotValid : self::figures($f->place(2)),
            'GLL' => $f->word(6) === 'V' || $f->word(7) === 'N' ? Fault::NotValid : self::figures($f->place(1)),
            'DPT' => self::figures($f->word(1) === '' ? [] : [
                Figure::Depth->value => $f->number(1), Figure::DepthOffset->value => $f->number(2),
            ]),
            'DBT' => self::figures([Figure::Depth->value => $f->depth()]),
            'MTW' => self::figures([
                Figure::WaterTemperature->value => $f->word(2) === 'C' ? $f->number(1) : $f->missing(1),
            ]),
            'HDT' => self::figures([Figure::Heading->value => $f->bearing(1, 'T')]),
            'HDM' => self::figures([Figure::MagneticHeading->value => $f->bearing(1, 'M')]),
            'HDG' => self::figures($f->compass()),
            'MWV' => $f->word(5) !== 'A' ? Fault::NotValid : self::figures($f->word(2) !== 'R' ? [] : [
                Figure::WindAngle->value => $f->number(1), Figure::WindSpeed->value => $f->wind(),
            ]),
            default => Fault::Unknown,
        };
    }

    /**
     * Those that are told; a field that is no figure spoils the sentence.
     *
     * @param  array<string, ?float>  $figures
     * @return array<string, float>|Fault
     */
    private static function figures(array $figures): array|Fault
    {
        $told = [];
        foreach ($figures as $name => $figure) {
            if ($figure !== null && is_nan($figure)) {
                return Fault::Misformed;
            }
            if ($figure !== null) {
                $told[$name] = $figure;
            }
        }

        return $told;
    }
}
