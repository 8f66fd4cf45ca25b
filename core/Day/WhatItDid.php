<?php

declare(strict_types=1);

namespace Admek\Core\Day;

/** What was changed on a slack day, and what bit for the line-hours before it and after. */
final readonly class WhatItDid
{
    /** s looked at to either side: a pass or two. */
    private const WHILE = 2400.0;

    /** s within which changes are one. */
    private const ONE = 180.0;

    /**
     * @param  float  $at  s since 1970 UTC
     * @param  list<string>  $holders  rods it was of; none where it was of all
     * @param  array{hours: float, bites: int}  $before  on those rods
     * @param  array{hours: float, bites: int}  $after
     */
    private function __construct(
        public float $at, public string $words, public array $holders, public array $before, public array $after,
    ) {
    }

    /**
     * Of each change until the next of its kind, or for a while; what was changed together is told as one.
     *
     * @param  float  $now  s since 1970 UTC
     * @return list<self> earlier first
     */
    public static function of(Day $day, float $now): array
    {
        $changes = [];
        foreach ($day->log as $event) {
            if (! $event->kind->isChange()) {
                continue;
            }
            $last = count($changes) - 1;
            if ($last >= 0 && $changes[$last]['kind'] === $event->kind && $event->at - $changes[$last]['at'] < self::ONE) {
                $changes[$last]['holders'][] = (string) $event->holder;

                continue;
            }
            $changes[] = [
                'kind' => $event->kind, 'at' => $event->at, 'words' => $event->words(),
                'holders' => $event->holder === null ? [] : [$event->holder],
            ];
        }
        $told = [];
        foreach ($changes as $i => ['at' => $at, 'words' => $words, 'holders' => $holders]) {
            $holders = array_values(array_unique($holders));
            $from = max($at - self::WHILE, $changes[$i - 1]['at'] ?? -INF);
            $until = min($at + self::WHILE, $changes[$i + 1]['at'] ?? INF, $now);
            $told[] = new self(
                $at, $words, $holders, self::fished($day, $holders, $from, $at, $now),
                self::fished($day, $holders, $at, $until, $now),
            );
        }

        return $told;
    }

    /**
     * @param  list<string>  $holders
     * @return array{hours: float, bites: int}
     */
    private static function fished(Day $day, array $holders, float $from, float $until, float $now): array
    {
        $hours = 0.0;
        foreach ($day->spells as $spell) {
            if ($holders === [] || in_array($spell->holder, $holders, true)) {
                $hours += max(0.0, min($until, $spell->until ?? $now) - max($from, $spell->from)) / 3600.0;
            }
        }
        $bites = array_filter($day->bites, static fn (Bite $bite): bool => $bite->at >= $from && $bite->at < $until
            && ($holders === [] || in_array($bite->holder, $holders, true)));

        return ['hours' => round($hours, 3), 'bites' => count($bites)];
    }
}
