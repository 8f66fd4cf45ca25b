<?php

declare(strict_types=1);

namespace App\Reading;

use Admek\Core\Day\Bite;
use Admek\Core\Day\Day;
use Admek\Core\Day\Event;
use Admek\Core\Day\WhatItDid;
use Admek\Core\Instruments\Figure;
use App\Instruments\Track;
use App\Models\Boat;
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

        return [
            'midnight' => gmdate('Y-m-d\TH:i:s\Z', (int) $this->midnight), 'from' => $this->hour($from),
            'until' => $this->hour(max($this->until, $from + 600.0)),
            'rods' => $this->rods(), 'marks' => $this->marks(), 'sun' => $this->sun(),
            'speeds' => $this->speeds($track, $from), 'did' => array_map(fn (WhatItDid $one): array => [
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
        $rail = array_flip($this->boat->holders->pluck('code')->all());
        uksort($rods, static fn (string $a, string $b): int => ($rail[$a] ?? 99) <=> ($rail[$b] ?? 99));

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

    /** @return list<array{at: float, speed: float}> m/s through the water, as it was read */
    private function speeds(Track $track, float $from): array
    {
        $speeds = [];
        $last = -INF;
        foreach ($track->between($from, $this->until) as $point) {
            $speed = $point->figures[Figure::WaterSpeed->value] ?? null;
            if ($speed !== null && $point->at - $last >= self::EVERY) {
                $speeds[] = ['at' => $this->hour($point->at), 'speed' => round($speed, 3)];
                $last = $point->at;
            }
        }

        return $speeds;
    }
}
