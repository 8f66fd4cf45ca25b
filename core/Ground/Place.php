<?php

declare(strict_types=1);

namespace Admek\Core\Ground;

use Admek\Core\InvalidValue;

/** A place on the water. Distances and bearings on a sphere of the earth's mean radius (IUGG), within 0.5 % of the ellipsoid. */
final readonly class Place
{
    public const RADIUS = 6_371_008.8;

    /** Degrees either way; nearer the poles the plane about a place is none. */
    public const MOST_LATITUDE = 85;

    public const MOST_LONGITUDE = 180;

    /**
     * @param  float  $latitude  degrees north
     * @param  float  $longitude  degrees east
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(public float $latitude, public float $longitude)
    {
        InvalidValue::unlessBetween('latitude', $latitude, -self::MOST_LATITUDE, self::MOST_LATITUDE, '°');
        InvalidValue::unlessBetween('longitude', $longitude, -self::MOST_LONGITUDE, self::MOST_LONGITUDE, '°');
    }

    /** m, by the haversine. */
    public function to(self $other): float
    {
        $north = deg2rad($other->latitude - $this->latitude);
        $east = deg2rad($other->longitude - $this->longitude);
        $half = sin($north / 2) ** 2 + cos(deg2rad($this->latitude)) * cos(deg2rad($other->latitude)) * sin($east / 2) ** 2;

        return 2 * self::RADIUS * asin(min(1.0, sqrt($half)));
    }

    /** Degrees true, at the start of the way. */
    public function bearingTo(self $other): float
    {
        [$from, $to] = [deg2rad($this->latitude), deg2rad($other->latitude)];
        $east = deg2rad($other->longitude - $this->longitude);

        return fmod(
            rad2deg(atan2(sin($east) * cos($to), cos($from) * sin($to) - sin($from) * cos($to) * cos($east))) + 360.0, 360.0,
        );
    }

    /** @return array{float, float} m east and north of another place, on a plane about it; for grounds, not for seas */
    public function from(self $origin): array
    {
        return [
            self::RADIUS * cos(deg2rad($origin->latitude)) * deg2rad($this->longitude - $origin->longitude),
            self::RADIUS * deg2rad($this->latitude - $origin->latitude),
        ];
    }

    /** The place so many m east and north. */
    public function moved(float $east, float $north): self
    {
        return new self(
            $this->latitude + rad2deg($north / self::RADIUS),
            $this->longitude + rad2deg($east / (self::RADIUS * cos(deg2rad($this->latitude)))),
        );
    }
}
