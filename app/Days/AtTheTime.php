<?php

declare(strict_types=1);

namespace App\Days;

use Admek\Core\Day\SoundingAsked;
use Admek\Core\Instruments\Circumstances;
use Admek\Core\Instruments\Figure;
use Admek\Core\Instruments\Known;
use Admek\Core\Instruments\Motion;
use Admek\Core\InvalidValue;
use Admek\Core\Manoeuvres\TurnRead;
use Admek\Core\Spread\Plan\Conditions;
use App\Instruments\LiveFile;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\Spread;
use App\Models\Trip;
use App\Rigging\LineSnapshot;
use App\Rigging\Locker;

/** A bite as it is kept: what every line did, and what was true at that moment by what was read then. */
final readonly class AtTheTime
{
    /** s within which what is heard now tells of a moment. */
    private const NOW = 3.0;

    public function __construct(private LiveFile $live, private Track $track)
    {
    }

    /**
     * @param  list<array<string, mixed>>  $rows  lines in the water
     * @param  Conditions  $told  by who tells of it
     * @param  int  $bitten  id of the holder whose rod was bitten
     * @param  float  $at  s since 1970 UTC
     * @param  ?int  $spread  id of the spread it was planned by
     * @return array<string, mixed>
     *
     * @throws InvalidValue when that holder has no line
     */
    public function bite(Boat $boat, Trip $trip, array $rows, Conditions $told, int $bitten, float $at, ?int $spread): array
    {
        $read = $this->read($at, $boat);
        $planned = Spread::query()->whereKey($spread)->value('speed');
        $then = new Circumstances(
            $read, $told->speed, is_float($planned) ? $planned : $told->speed, $trip->bottom, $trip->surfaceTemperature(),
            $trip->sun()?->at((int) $at)['elevation'], $read->turnsHard() ? $this->track->straightBefore($at) : null,
        );

        $conditions = $then->conditions($told);

        return LineSnapshot::take(
            $boat, $trip, $rows, $then->steady($told), $conditions->turn, $then->bottom(), $bitten,
        ) + $then->told() + [
            'place' => $this->place($at, $boat),
            'turned' => $conditions->turn === null ? null : $this->turned($boat, $trip, $rows, $conditions, $bitten, $at),
        ];
    }

    /**
     * What the bitten lure went through in the turn, by how she was steered.
     *
     * @param  list<array<string, mixed>>  $rows
     * @return ?array<string, float> m and m/s; null where too little was read
     */
    private function turned(Boat $boat, Trip $trip, array $rows, Conditions $conditions, int $bitten, float $at): ?array
    {
        $way = [];
        foreach ($this->track->between($at - TurnRead::BACK, $at) as $point) {
            $motion = Motion::kept($point);
            $speed = $motion->way();
            $heading = $motion->now(Figure::Heading) ?? $motion->now(Figure::Course);
            if ($speed !== null && $heading !== null) {
                $way[] = ['at' => $point->at, 'speed' => $speed, 'heading' => $heading];
            }
        }
        $locker = Locker::ever($boat, $trip);
        $code = $locker->holder($bitten)->code;
        foreach ($way === [] ? [] : $locker->ablePlan($rows)->lines as $line) {
            if ($line->holder === $code) {
                $read = TurnRead::of($line, $conditions, $way);

                return $read === null ? null : array_map(
                    static fn (float $figure): float => round($figure, 3), get_object_vars($read),
                );
            }
        }

        return null;
    }

    /** m/s she made through the water, or else over the ground, as it was read; null where neither was. */
    public function speed(float $at, Boat $boat): ?float
    {
        return $this->read($at, $boat)->way();
    }

    /** @return ?array{latitude: float, longitude: float} where she was, as it was read */
    public function place(float $at, Boat $boat): ?array
    {
        $place = $this->read($at, $boat)->place();

        return $place === null ? null : ['latitude' => $place->latitude, 'longitude' => $place->longitude];
    }

    /** @return ?array{bottom: float, bottom_by: string} m of water where she was, by the sounder or else the chart */
    public function bottom(float $at, Boat $boat): ?array
    {
        $read = $this->read($at, $boat);
        $sounded = $read->now(Figure::Depth);
        $place = $read->place();
        $charted = $sounded !== null || $place === null ? null : $boat->chart()->first(['grid'])?->bottom()?->at($place);

        return match (true) {
            $sounded !== null => ['bottom' => $sounded, 'bottom_by' => SoundingAsked::BY[0]],
            $charted !== null => ['bottom' => $charted, 'bottom_by' => SoundingAsked::BY[1]],
            default => null,
        };
    }

    private function read(float $at, Boat $boat): Motion
    {
        if (abs((float) now()->format('U.v') - $at) <= self::NOW) {
            $motion = $this->live->read()->motion($boat->corrections());
            if (array_filter($motion->figures, static fn (Known $one): bool => $one->live) !== []) {
                return $motion;
            }
        }
        $point = $this->track->near($at);

        return $point === null ? Motion::unknown() : Motion::kept($point);
    }
}
