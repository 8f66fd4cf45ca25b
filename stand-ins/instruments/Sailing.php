<?php

declare(strict_types=1);

namespace StandIns\Instruments;

use Admek\Core\Ground\BottomGrid;
use Admek\Core\Ground\Place;
use RuntimeException;

/** The demo boat on her pass: she steers from mark to mark round the bank, second by second, and the current sets her. */
final class Sailing
{
    /** Round Dunmarl Bank on the Vessamer Sea. */
    public const MARKS = [[45.3125, -38.4195], [45.3138, -38.4165], [45.3092, -38.4105], [45.3080, -38.4140]];

    public const BEGIN = [45.3082, -38.4146];

    /** m/s, and ° true toward which it sets. */
    public const CURRENT = [0.15, 60.0];

    /** m/s she trolls at, by how much that wanders, and over how many s. */
    private const SPEED = [1.03, 0.05, 97.0];

    /** °/s she is steered round at, and m at which a mark is reached. */
    private const RUDDER = 2.0;

    private const REACHED = 40.0;

    private int $at = 0;

    private int $next = 0;

    private Place $place;

    private float $heading;

    public function __construct(private readonly BottomGrid $bottom)
    {
        $this->place = new Place(...self::BEGIN);
        $this->heading = $this->place->bearingTo(new Place(...self::MARKS[0]));
    }

    /** On the sea of the demo world. */
    public static function inDemo(): self
    {
        $file = dirname(__DIR__, 2).'/resources/charts/vessamer-sea.json';
        $chart = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);

        return new self(BottomGrid::of($chart['south'], $chart['west'], $chart['step'], $chart['rows']));
    }

    /** A second on. */
    public function next(): Moment
    {
        $mark = new Place(...self::MARKS[$this->next]);
        if ($this->place->to($mark) < self::REACHED) {
            $this->next = ($this->next + 1) % count(self::MARKS);
            $mark = new Place(...self::MARKS[$this->next]);
        }
        $off = fmod($this->place->bearingTo($mark) - $this->heading + 540.0, 360.0) - 180.0;
        $turn = max(-self::RUDDER, min(self::RUDDER, $off));
        $this->heading = fmod($this->heading + $turn + 360.0, 360.0);
        $speed = self::SPEED[0] + self::SPEED[1] * sin(2 * M_PI * $this->at / self::SPEED[2]);
        [$drift, $set] = [self::CURRENT[0], deg2rad(self::CURRENT[1])];
        $east = $speed * sin(deg2rad($this->heading)) + $drift * sin($set);
        $north = $speed * cos(deg2rad($this->heading)) + $drift * cos($set);
        $this->place = $this->place->moved($east, $north);
        $depth = $this->bottom->at($this->place) ?? throw new RuntimeException('Sailed off the chart');

        return new Moment(
            ++$this->at, $this->place, $this->heading, $turn, $speed, hypot($east, $north),
            fmod(rad2deg(atan2($east, $north)) + 360.0, 360.0), $depth,
        );
    }
}
