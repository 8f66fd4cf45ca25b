<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

use Admek\Core\InvalidValue;

/**
 * Points of a track in few bytes: each figure counted in whole parts of its unit ({@see Figure::parts()}), each count told as the
 * change from the one before, the whole deflated (RFC 1951). No point is left out; what comes out is within half a part of what
 * went in, the same where that had no more decimals, and packs to the same again.
 */
final class PackedTrack
{
    private const VERSION = 1;

    /** Points packed together at most. */
    public const MOST = 20_000;

    /** Bytes that so many may come out as, before they are looked at. */
    private const MOST_BYTES = 3_000_000;

    /** ms of a second, of which moments are counted. */
    private const MS = 1000.0;

    /** ms since 1970 UTC: the year 5138. */
    private const LAST = 100_000_000_000_000;

    /**
     * @param  list<TrackPoint>  $points  earlier first, of different milliseconds; {@see MOST} at most
     *
     * @throws InvalidValue naming the point that cannot be counted
     */
    public static function pack(array $points): string
    {
        if (count($points) > self::MOST) {
            throw InvalidValue::because('points', 'at most '.self::MOST);
        }
        $told = ['at' => []];
        $last = 0;
        foreach ($points as $i => $point) {
            $at = self::counted($point->at * self::MS, self::LAST, "points.{$i}.at");
            if ($i > 0 && $at <= $last) {
                throw InvalidValue::because("points.{$i}.at", 'later than the one before');
            }
            $told['at'][] = $at - $last;
            $last = $at;
        }
        foreach (Figure::cases() as $figure) {
            $told += self::column($figure, $points);
        }

        return (string) gzdeflate((string) json_encode([self::VERSION, $told]), 6);
    }

    /**
     * @param  list<TrackPoint>  $points
     * @return array<string, list<?int>> none where no point has the figure
     */
    private static function column(Figure $figure, array $points): array
    {
        $name = $figure->value;
        $parts = $figure->parts();
        $most = (int) round(self::furthest($figure) * $parts);
        $changes = [];
        $last = 0;
        $any = false;
        foreach ($points as $i => $point) {
            if (! isset($point->figures[$name])) {
                $changes[] = null;

                continue;
            }
            $count = self::counted($point->figures[$name] * $parts, $most, "points.{$i}.{$name}");
            $changes[] = $count - $last;
            $last = $count;
            $any = true;
        }

        return $any ? [$name => $changes] : [];
    }

    /**
     * @return list<TrackPoint> earlier first
     *
     * @throws InvalidValue naming packed, where it is none or holds what no track does
     */
    public static function unpack(string $packed): array
    {
        $text = @gzinflate($packed, self::MOST_BYTES);
        $told = $text === false ? null : json_decode($text, true, 4);
        [$version, $columns] = is_array($told) && array_is_list($told) && count($told) === 2 ? $told : [null, null];
        $at = is_array($columns) ? $columns['at'] ?? null : null;
        if ($version !== self::VERSION || ! is_array($at) || ! array_is_list($at) || count($at) > self::MOST) {
            throw self::none();
        }
        $points = count($at);
        $figures = array_fill(0, $points, []);
        foreach (Figure::cases() as $figure) {
            [$name, $parts, $most, $count] = [$figure->value, $figure->parts(), self::furthest($figure) * $figure->parts(), 0];
            foreach (self::changes($columns[$name] ?? [], $points) as $i => $change) {
                if ($change !== null) {
                    $count += $change;
                    if ($count > $most || $count < -$most) {
                        throw self::none();
                    }
                    $figures[$i][$name] = (float) ($count / $parts);
                }
            }
        }
        if (array_diff_key($columns, ['at' => 0], array_column(Figure::cases(), null, 'value')) !== []) {
            throw self::none();
        }
        $track = [];
        $ms = 0;
        foreach (self::changes($at, $points) as $i => $change) {
            $ms += $change ?? throw self::none();
            if ($ms > self::LAST || ($i > 0 && $change <= 0)) {
                throw self::none();
            }
            $track[] = new TrackPoint($ms / self::MS, $figures[$i]);
        }

        return $track;
    }

    /**
     * @return list<?int> of each point, null of those that have none; none where no point has
     *
     * @throws InvalidValue naming packed
     */
    private static function changes(mixed $changes, int $points): array
    {
        if (! is_array($changes) || ! array_is_list($changes) || ! in_array(count($changes), [0, $points], true)) {
            throw self::none();
        }
        foreach ($changes as $change) {
            if ($change !== null && (! is_int($change) || $change > 2 * self::LAST || $change < -2 * self::LAST)) {
                throw self::none();
            }
        }

        return $changes;
    }

    /** How far from nought a figure may be. */
    private static function furthest(Figure $figure): float
    {
        return max(array_map(abs(...), $figure->range()));
    }

    /** @throws InvalidValue */
    private static function counted(float $parts, int $most, string $field): int
    {
        if (! is_finite($parts) || abs($parts) > $most) {
            throw InvalidValue::because($field, 'a figure of a boat that trolls');
        }

        return (int) round($parts);
    }

    private static function none(): InvalidValue
    {
        return InvalidValue::because('packed', 'points of a track, as Admek packs them');
    }
}
