<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp;

/** What a logger's trace says of the times a line was out: where it settled each time, as a sounding. */
final class Trace
{
    /** s a line takes to settle, and within which it comes up. */
    private const SETTLES = 180.0;

    /** Readings that tell a depth. */
    private const LEAST = 8;

    /** m less deep than which a logger has jumped out of the water. */
    private const SURFACE = 0.3;

    /** m about its middle, within which half of them lie, beyond which it was moved, or dragged. */
    private const WANDERS = 1.5;

    /**
     * @param  list<array{float, float}>  $points  s and m, rising in time
     * @param  list<array{from: float, until: float}>  $spells  when the line was out, s
     * @return list<array{
     *     from: float, until: float, at: float, depth: ?float, count: int, says: ?string,
     * }> depth null where it tells none, and why
     */
    public static function readings(array $points, array $spells): array
    {
        $told = [];
        foreach ($spells as ['from' => $from, 'until' => $until]) {
            $depths = [];
            foreach ($points as [$at, $depth]) {
                if ($at >= $from + self::SETTLES && $at <= $until - min(self::SETTLES, 0.1 * ($until - $from))) {
                    $depths[] = $depth;
                }
            }
            $spikes = count($depths);
            $depths = array_values(array_filter($depths, static fn (float $depth): bool => $depth > self::SURFACE));
            $spikes -= count($depths);
            $middle = $depths === [] ? null : self::median($depths);
            $wander = $middle === null
                ? 0.0 : self::median(array_map(static fn (float $depth): float => abs($depth - $middle), $depths));
            $says = match (true) {
                $depths === [] && $spikes > 0 => 'The logger lay at the surface all the while.',
                count($depths) < self::LEAST => 'Too few readings while the line was settled.',
                $wander > self::WANDERS => 'It wandered too far to tell one depth.',
                default => null,
            };
            $told[] = [
                'from' => $from, 'until' => $until, 'at' => 0.5 * ($from + $until),
                'depth' => $says === null ? $middle : null, 'count' => count($depths), 'says' => $says,
            ];
        }

        return $told;
    }

    /** @param  non-empty-list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);
        $n = count($values);

        return 0.5 * ($values[intdiv($n - 1, 2)] + $values[intdiv($n, 2)]);
    }
}
