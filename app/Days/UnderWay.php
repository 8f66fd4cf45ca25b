<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Day\Day;
use Admek\Core\Instruments\Figure;
use Admek\Core\Instruments\Motion;
use Admek\Core\Instruments\SpeedBy;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Towing\Turn;
use App\Instruments\Instruments;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\Spread;
use App\Models\Trip;

/** A trip as it is under way: its day so far, how she moves, and in what water. */
final readonly class UnderWay
{
    /**
     * @param  float  $speed  m/s that depths are for
     * @param  ?Turn  $turn  she makes, as it is read
     * @param  Conditions  $conditions  her lines are taken to run under
     * @param  ?float  $surface  °C, as it is read, else as it was probed or entered
     */
    private function __construct(
        public Trip $trip, public Boat $boat, public Spread $spread, public Day $day, public Motion $motion, public float $speed,
        public SpeedBy $speedBy, public ?float $surface, public ?Turn $turn, public Conditions $conditions,
    ) {
    }

    public static function of(Trip $trip, Boat $boat, Spread $spread, Instruments $heard, Track $track): self
    {
        $day = EventLog::of($trip)->day();
        $motion = $heard->motion($boat->corrections());
        [$speed, $by] = $motion->speed($day->speed(), $spread->speed);
        $read = $motion->conditions(
            $speed, $trip->density(), $trip->current($motion->now(Figure::Heading), $day),
        );
        $straight = $motion->turnsHard() ? $track->straightBefore((float) now()->format('U.v')) : null;

        return new self(
            $trip, $boat, $spread, $day, $motion, $speed, $by,
            $motion->now(Figure::WaterTemperature) ?? $trip->surfaceTemperature(),
            $read->turn, $motion->steady($read, $straight),
        );
    }
}
