<?php

declare(strict_types=1);

namespace App\Reading;

use Admek\Core\Day\Bite;
use Admek\Core\Day\Day;
use Admek\Core\Day\Event;
use Admek\Core\Day\WhatItDid;
use Admek\Core\Instruments\Figure;
use Admek\Core\Instruments\TrackPoint;
use Admek\Core\Units\Units;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\Holder;
use App\Models\KeptEvents;
use App\Models\Trip;

/** A day on a line of time: lines in the water, bites, changes, sun and speed, all by hours of the boat's own clock. */
final readonly class DayLine
{
    /** s between speeds that are drawn. */
    private const EVERY = 120.0;

    private float $midnight;

    private Day $day;

    private float $until;

    public function __construct(private Trip $trip, private Boat $boat)
    {
        $this->midnight = (float) $trip->midnight($boat)->format('U');
        $this->day = Day::of(KeptEvents::of($trip));
        $this->until = KeptEvents::until($trip, $boat, (float) now()->format('U'));
    }

    /** @return array<string, mixed> */
    public function told(Track $track): array
    {
        $from = min([
            $this->until, ...array_map(static fn (Event $event): float => $event->at, $this->day->log),
        ]);

        $points = array_values([...$track->between($from, $this->until)]);

        return [
            'midnight' => gmdate('Y-m-d\TH:i:s\Z', (int) $this->midnight), 'from' => $this->hour($from),
            'until' => $this->hour(max($this->until, $from + 600.0)),
            'rods' => $this->rods(), 'marks' => $this->marks(), 'sun' => $this->sun(),
            'speeds' => $this->speeds($points), 'course' => $this->course($points), 'bands' => $this->bands(),
            'did' => array_map(fn (WhatItDid $one): array => [
                'at' => $this->hour($one->at),
            ] + get_object_vars($one), WhatItDid::of($this->day, $this->until)),
        ];
    }

    /** h of the boat's clock; past midnight it goes on. */
    private function hour(float $at): float
    {
        return round(($at - $this->midnight) / 3600.0, 4);
    }

    /** @return list<array<string, mixed>> as they stand round the rail */
    private function rods(): array
    {
        $rods = [];
        foreach ($this->day->spells as $spell) {
            $rods[$spell->holder]['spells'][] = [
                'from' => $this->hour($spell->from), 'until' => $this->hour($spell->until ?? $this->until),
                'lure' => $spell->line->lure ?? null,
            ];
        }
        foreach ($this->day->bites as $bite) {
            $rods[$bite->holder]['bites'][] = $this->bite($bite);
        }
        $rods = Holder::round($this->boat, $rods);

        return array_map(static fn (string $holder, array $told): array => [
            'holder' => $holder, 'spells' => $told['spells'] ?? [], 'bites' => $told['bites'] ?? [],
        ], array_map(strval(...), array_keys($rods)), $rods);
    }

    /** @return array{at: float, outcome: string, species: ?string} */
    private function bite(Bite $bite): array
    {
        return ['at' => $this->hour($bite->at), 'outcome' => $bite->outcome->value, 'species' => $bite->fish->species];
    }

    /** @return list<array{at: float, holder: ?string, kind: string, words: string}> */
    private function marks(): array
    {
        $marks = array_filter($this->day->log, static fn (Event $event): bool => $event->kind->isMarked());

        return array_values(array_map(fn (Event $event): array => [
            'at' => $this->hour($event->at), 'holder' => $event->holder, 'kind' => $event->kind->value,
            'words' => $event->words(),
        ], $marks));
    }

    /** @return ?array<string, float> */
    private function sun(): ?array
    {
        $sun = $this->trip->sun()?->day((int) $this->midnight + 43200);

        return $sun === null ? null : array_map(fn (int $at): float => $this->hour((float) $at), $sun);
    }

    /**
     * @param  list<TrackPoint>  $points
     * @return list<array{at: float, speed: float}> m/s through the water, as it was read
     */
    private function speeds(array $points): array
    {
        $speeds = [];
        $last = -INF;
        foreach ($points as $point) {
            $speed = $point->figures[Figure::WaterSpeed->value] ?? null;
            if ($speed !== null && $point->at - $last >= self::EVERY) {
                $speeds[] = ['at' => $this->hour($point->at), 'speed' => round($speed, 3)];
                $last = $point->at;
            }
        }

        return $speeds;
    }

    /**
     * @param  list<TrackPoint>  $points
     * @return ?array<string, mixed> its shape, with bites on it where she was read nearest to them
     */
    private function course(array $points): ?array
    {
        $shape = CourseShape::of($points);
        if ($shape === null) {
            return null;
        }
        $bites = [];
        foreach ($this->day->bites as $bite) {
            $near = null;
            foreach ($points as $point) {
                $near = $near === null || abs($point->at - $bite->at) < abs($near->at - $bite->at) ? $point : $near;
            }
            $place = $near !== null && abs($near->at - $bite->at) < self::EVERY ? $near->place() : null;
            if ($place !== null) {
                $bites[] = ['holder' => $bite->holder, 'at' => $this->hour($bite->at), 'place' => $shape->at($place)]
                    + ['outcome' => $bite->outcome->value];
            }
        }

        return ['line' => $shape->line(), 'across' => $shape->across($this->units()), 'bites' => $bites];
    }

    /** @return list<array<string, mixed>> what was to be fished for each species, as the light moved it */
    private function bands(): array
    {
        $told = [];
        $schedule = TripWater::of($this->trip, $this->boat)->schedule;
        foreach ($schedule as $i => $row) {
            $from = $this->hour((float) $row['time']);
            $until = isset($schedule[$i + 1]) ? $this->hour((float) $schedule[$i + 1]['time']) : null;
            foreach ($row['bands'] as ['band' => $band, 'top' => $top, 'bottom' => $bottom]) {
                $spans = $told[$band->species->value] ?? [];
                $last = array_key_last($spans);
                if ($last !== null && $spans[$last]['until'] === $from
                    && [$spans[$last]['top'], $spans[$last]['bottom']] === [$top, $bottom]) {
                    $spans[$last]['until'] = $until;
                } else {
                    $spans[] = ['from' => $from, 'until' => $until, 'top' => $top, 'bottom' => $bottom];
                }
                $told[$band->species->value] = $spans;
            }
        }

        return array_map(
            static fn (string $species, array $spans): array => ['species' => $species, 'spans' => $spans],
            array_keys($told), $told,
        );
    }

    private function units(): Units
    {
        return Units::from($this->boat->units);
    }
}
