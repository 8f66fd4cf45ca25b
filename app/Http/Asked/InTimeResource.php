<?php

declare(strict_types=1);

namespace App\Http\Asked;

use Admek\Core\Manoeuvres\Frame;
use Admek\Core\Manoeuvres\Happening;
use Admek\Core\Manoeuvres\PassInTime;
use Admek\Core\Manoeuvres\SpreadInTime;
use Admek\Core\Manoeuvres\Tried;
use Admek\Core\Units\Units;

/** A spread in time: the boat's course, every line frame by frame, and what comes of it. */
final readonly class InTimeResource
{
    private const MOST_POINTS = 14;

    /**
     * @param  ?Tried  $tried  null while only its beginning was followed
     * @param  float  $lasts  s, the whole of it
     */
    public function __construct(
        private SpreadInTime $spread, private ?Tried $tried, private float $lasts, private Units $units,
        private ?PassInTime $pass,
    ) {
    }

    /** @return array<string, mixed> */
    public function told(): array
    {
        $frames = array_values($this->spread->frames)[0] ?? [];
        $times = array_map(static fn (Frame $frame): float => $frame->time, $frames);

        return [
            'lasts' => $this->lasts,
            'whole' => $this->tried !== null,
            'times' => $times,
            'boat' => array_map($this->boat(...), $times),
            'lines' => array_map(static fn (string $holder, array $frames): array => [
                'holder' => $holder, 'frames' => array_map(self::frame(...), $frames),
            ], array_map(strval(...), array_keys($this->spread->frames)), array_values($this->spread->frames)),
            'happenings' => array_map($this->happening(...), $this->tried->happenings ?? []),
            'settling' => $this->tried?->settling()->in($this->units),
            'settled' => array_map(
                static fn (string $holder, ?float $at): array => ['holder' => $holder, 'at' => $at],
                array_map(strval(...), array_keys($this->tried->settled ?? [])), array_values($this->tried->settled ?? []),
            ),
        ];
    }

    /** @return array<string, ?float> m/s, degrees, m through the surface water, m along the pass */
    private function boat(float $time): array
    {
        [$speed, $heading] = $this->spread->course->at($time);
        [$north, $east] = $this->spread->course->place($time);

        return [
            'speed' => round($speed, 3), 'heading' => round(rad2deg($heading), 2), 'north' => LineDrawn::round($north),
            'east' => LineDrawn::round($east), 'along' => $this->pass === null ? null : round($this->pass->along($time), 1),
        ];
    }

    /** @return array<string, mixed> */
    private static function frame(Frame $frame): array
    {
        $drawn = LineDrawn::of($frame->line(), self::MOST_POINTS);
        unset($drawn['holder']);

        return $drawn + ['speed' => round($frame->speed, 3)];
    }

    /** @return array<string, mixed> */
    private function happening(Happening $happening): array
    {
        return [
            'kind' => $happening->kind->value, 'title' => $happening->kind->title(), 'holders' => $happening->holders,
            'from' => $happening->from, 'worst' => $happening->worst, 'says' => $happening->says()->in($this->units),
            'place' => $happening->place === null ? null : array_map(LineDrawn::round(...), $happening->place),
        ];
    }
}
