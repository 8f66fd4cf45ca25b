<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Ground\Place;
use Admek\Core\InvalidValue;
use App\Models\Boat;
use App\Models\Trip;

/** What a place is told from by bearing and distance, where nothing reads where she is: the trip's ground, or a structure. */
final readonly class Landmark
{
    /** Names the ground, of which a trip has one. */
    public const GROUND = 'ground';

    private function __construct(private Place $place)
    {
    }

    /** @throws InvalidValue naming from */
    public static function of(Trip $trip, Boat $boat, string $from): self
    {
        if ($from === self::GROUND && $trip->latitude !== null && $trip->longitude !== null) {
            return new self(new Place($trip->latitude, $trip->longitude));
        }
        $structure = $boat->structures()->where('name', $from)->first()
            ?? throw InvalidValue::because('from', 'the trip’s ground where its place is known, or a structure on it');

        return new self(new Place(...$structure->places[0]));
    }

    /**
     * @param  float  $bearing  ° true from it
     * @param  float  $distance  m from it
     * @return array{latitude: float, longitude: float}
     */
    public function seen(float $bearing, float $distance): array
    {
        $there = $this->place->moved($distance * sin(deg2rad($bearing)), $distance * cos(deg2rad($bearing)));

        return ['latitude' => $there->latitude, 'longitude' => $there->longitude];
    }
}
