<?php

declare(strict_types=1);

namespace Admek\Core\Water\Signs;

use Admek\Core\InvalidValue;

/**
 * The sun over a place. Rise, set and twilight are PHP's own (date_sun_info); height and bearing follow Meeus (1998),
 * Astronomical Algorithms, ch. 25 and 13, low accuracy (0.01° of longitude by Meeus); refraction is left out.
 */
final readonly class Sun
{
    /** Degrees: between the polar circles, where it rises and sets every day. */
    public const LATITUDE = [-66, 66];

    public const LONGITUDE = [-180, 180];

    private const J2000 = 946728000;

    /**
     * @param  float  $latitude  degrees north
     * @param  float  $longitude  degrees east
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(private float $latitude, private float $longitude)
    {
        InvalidValue::unlessBetween('latitude', $latitude, ...self::LATITUDE, unit: '°');
        InvalidValue::unlessBetween('longitude', $longitude, ...self::LONGITUDE, unit: '°');
    }

    /** Null where nobody knows the place, or it is so far north or south that the sun may not rise or set. */
    public static function over(?float $latitude, ?float $longitude): ?self
    {
        return $latitude === null || $longitude === null || $latitude < self::LATITUDE[0] || $latitude > self::LATITUDE[1]
            ? null : new self($latitude, $longitude);
    }

    /**
     * @return array{first_light: int, sunrise: int, noon: int, sunset: int, last_light: int}  Unix times of the day that holds a
     *   time, civil twilight for light
     */
    public function day(int $time): array
    {
        $info = date_sun_info($time, $this->latitude, $this->longitude);

        return [
            'first_light' => (int) $info['civil_twilight_begin'], 'sunrise' => (int) $info['sunrise'],
            'noon' => (int) $info['transit'],
            'sunset' => (int) $info['sunset'], 'last_light' => (int) $info['civil_twilight_end'],
        ];
    }

    /** @return array{elevation: float, bearing: float} degrees above the horizon, degrees true */
    public function at(int $time): array
    {
        $days = ($time - self::J2000) / 86400.0;
        $century = $days / 36525.0;
        $anomaly = deg2rad(357.52911 + 35999.05029 * $century);
        $centre = (1.914602 - 0.004817 * $century) * sin($anomaly) + 0.019993 * sin(2 * $anomaly) + 0.000289 * sin(3 * $anomaly);
        $node = deg2rad(125.04 - 1934.136 * $century);
        $longitude = deg2rad(280.46646 + 36000.76983 * $century + $centre - 0.00569 - 0.00478 * sin($node));
        $obliquity = deg2rad(23.439291 - 0.0130042 * $century + 0.00256 * cos($node));
        $declination = asin(sin($obliquity) * sin($longitude));
        $ascension = atan2(cos($obliquity) * sin($longitude), cos($longitude));
        // Mean sidereal time at Greenwich (Meeus 12.4).
        $hour = deg2rad(fmod(280.46061837 + 360.98564736629 * $days + $this->longitude, 360.0)) - $ascension;
        $north = deg2rad($this->latitude);
        $elevation = asin(sin($north) * sin($declination) + cos($north) * cos($declination) * cos($hour));
        $bearing = atan2(sin($hour), cos($hour) * sin($north) - tan($declination) * cos($north));

        return ['elevation' => rad2deg($elevation), 'bearing' => fmod(rad2deg($bearing) + 540.0, 360.0)];
    }
}
