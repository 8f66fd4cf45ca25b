<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

use Admek\Core\Units\Quantity;

/** What instruments tell, in SI and degrees; latitude north and longitude east. */
enum Figure: string
{
    case WaterSpeed = 'water_speed';
    case GroundSpeed = 'ground_speed';
    /** Over the ground, true. */
    case Course = 'course';
    /** True. */
    case Heading = 'heading';
    /** By the compass, deviation put right where it is told. */
    case MagneticHeading = 'magnetic_heading';
    /** East positive. */
    case Variation = 'variation';
    case Latitude = 'latitude';
    case Longitude = 'longitude';
    /** Of water under the transducer. */
    case Depth = 'depth';
    /** From the transducer to the waterline; to the keel where negative. */
    case DepthOffset = 'depth_offset';
    case WaterTemperature = 'water_temperature';
    /** Apparent, from the bow clockwise. */
    case WindAngle = 'wind_angle';
    case WindSpeed = 'wind_speed';
    /** °/s to starboard, by how her heading changes. */
    case Turn = 'turn';

    /**
     * Beyond which a figure is no figure of a boat that trolls.
     *
     * @return array{float, float}
     */
    public function range(): array
    {
        return match ($this) {
            self::WaterSpeed, self::GroundSpeed => [0.0, 25.0],
            self::Course, self::Heading, self::MagneticHeading, self::WindAngle => [0.0, 360.0],
            self::Variation, self::Longitude => [-180.0, 180.0],
            self::Latitude => [-90.0, 90.0],
            self::Depth => [0.2, 1500.0],
            self::DepthOffset => [-20.0, 20.0],
            self::WaterTemperature => [-2.0, 40.0],
            self::WindSpeed => [0.0, 75.0],
            self::Turn => [-180.0, 180.0],
        };
    }

    /** Whether it tells where on the ground she is, or how she goes over it: for who may see places alone. */
    public function isOfGround(): bool
    {
        return match ($this) {
            self::Latitude, self::Longitude, self::GroundSpeed, self::Course, self::Heading, self::MagneticHeading => true,
            default => false,
        };
    }

    /** In how many parts of its unit a packed track counts it, finer than any instrument tells it ({@see PackedTrack}). */
    public function parts(): int
    {
        return match ($this) {
            self::Latitude, self::Longitude => 10_000_000,
            self::WaterSpeed, self::GroundSpeed, self::Depth, self::DepthOffset, self::WaterTemperature, self::Turn => 1000,
            self::Course, self::Heading, self::MagneticHeading, self::Variation, self::WindAngle, self::WindSpeed => 100,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::WaterSpeed => 'speed through the water',
            self::GroundSpeed => 'speed over the ground',
            self::Course => 'course over the ground',
            self::Heading => 'heading',
            self::MagneticHeading => 'heading by the compass',
            self::Variation => 'variation',
            self::Latitude => 'latitude',
            self::Longitude => 'longitude',
            self::Depth => 'depth',
            self::DepthOffset => 'depth of the transducer, as it says itself',
            self::WaterTemperature => 'water temperature',
            self::WindAngle => 'wind, from the bow',
            self::WindSpeed => 'wind speed',
            self::Turn => 'turning to starboard, a second',
        };
    }

    /** What it measures; null of a place. */
    public function quantity(): ?Quantity
    {
        return match ($this) {
            self::WaterSpeed, self::GroundSpeed => Quantity::Speed,
            self::Depth, self::DepthOffset => Quantity::Depth,
            self::WaterTemperature => Quantity::Temperature,
            self::WindSpeed => Quantity::Wind,
            self::Course, self::Heading, self::MagneticHeading, self::Variation, self::WindAngle, self::Turn => Quantity::Angle,
            self::Latitude, self::Longitude => null,
        };
    }
}
