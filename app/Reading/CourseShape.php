<?php

declare(strict_types=1);

namespace App\Reading;

use Admek\Core\Ground\Place;
use Admek\Core\Instruments\TrackPoint;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** The shape of a day's course, north up, in a square of one; where it lies on the ground is not told by it. */
final readonly class CourseShape
{
    /** Points of a course that are drawn. */
    private const MOST_POINTS = 400;

    /** @param  list<Place>  $places */
    private function __construct(
        private array $places, private float $north, private float $west, private float $shrink, private float $wide,
        public Place $middle,
    ) {
    }

    /** @param  list<TrackPoint>  $points */
    public static function of(array $points): ?self
    {
        $places = [];
        $every = max(1, intdiv(count($points), self::MOST_POINTS));
        foreach ($points as $i => $point) {
            $place = $i % $every === 0 ? $point->place() : null;
            if ($place !== null) {
                $places[] = $place;
            }
        }
        if (count($places) < 2) {
            return null;
        }
        $latitudes = array_map(static fn (Place $place): float => $place->latitude, $places);
        $longitudes = array_map(static fn (Place $place): float => $place->longitude, $places);
        [$south, $north, $west, $east] = [min($latitudes), max($latitudes), min($longitudes), max($longitudes)];
        $shrink = cos(deg2rad(0.5 * ($south + $north)));

        return new self(
            $places, $north, $west, $shrink, max($north - $south, ($east - $west) * $shrink, 1e-6),
            new Place(0.5 * ($south + $north), 0.5 * ($west + $east)),
        );
    }

    /** @return list<array{float, float}> to the right and down, shares of the square */
    public function line(): array
    {
        return array_map($this->at(...), $this->places);
    }

    /** @return array{float, float} */
    public function at(Place $place): array
    {
        return [
            round(($place->longitude - $this->west) * $this->shrink / $this->wide, 4),
            round(($this->north - $place->latitude) / $this->wide, 4),
        ];
    }

    /** How far it is from one side of the square to the other. */
    public function across(Units $units): string
    {
        return $units->say(Quantity::Distance, deg2rad($this->wide) * Place::RADIUS);
    }
}
