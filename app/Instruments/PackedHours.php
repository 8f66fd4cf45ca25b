<?php

declare(strict_types=1);

namespace App\Instruments;

use Admek\Core\Instruments\PackedTrack;
use Admek\Core\Instruments\TrackPoint;
use Admek\Core\InvalidValue;
use Generator;
use Illuminate\Support\Facades\DB;

/** Hours of the track that are packed, each whole (core's PackedTrack); what came later of one stands beside it as points. */
final class PackedHours
{
    /** ms; those of 1970 UTC, so that none begins within another. */
    public const HOUR = 3_600_000;

    /**
     * @param  int  $from  ms since 1970 UTC
     * @param  int  $to  ms, with it
     * @return iterable<TrackPoint> earlier first
     */
    public static function between(int $from, int $to): iterable
    {
        $hours = [intdiv($from, self::HOUR), intdiv($to, self::HOUR)];
        foreach (DB::table('packed_tracks')->whereBetween('hour', $hours)->orderBy('hour')->cursor() as $row) {
            $points = PackedTrack::unpack((string) $row->packed);
            $isWhole = $row->hour * self::HOUR >= $from && ($row->hour + 1) * self::HOUR <= $to;
            yield from $isWhole ? $points : array_filter(
                $points, static fn (TrackPoint $point): bool => self::ms($point) >= $from && self::ms($point) <= $to,
            );
        }
    }

    /**
     * Those of points that no packed hour has at the same moment.
     *
     * @param  list<TrackPoint>  $points
     * @return list<TrackPoint>
     */
    public static function without(array $points): array
    {
        if ($points === []) {
            return [];
        }
        $moments = array_map(self::ms(...), $points);
        $there = [];
        foreach (self::between(min($moments), max($moments)) as $point) {
            $there[self::ms($point)] = true;
        }

        return array_values(array_filter($points, static fn (TrackPoint $point): bool => ! isset($there[self::ms($point)])));
    }

    /**
     * An hour's points, and those packed before, in one; of two of a moment that packed before stays.
     *
     * @param  list<TrackPoint>  $points  earlier first
     *
     * @throws InvalidValue naming the point that cannot be packed
     */
    public static function keep(int $hour, array $points): void
    {
        $there = self::between($hour * self::HOUR, ($hour + 1) * self::HOUR - 1);
        $packed = PackedTrack::pack([...self::merged($there, $points)]);
        DB::table('packed_tracks')->upsert(['hour' => $hour, 'packed' => $packed], ['hour']);
    }

    /** @throws InvalidValue naming packed, where it is no hour's */
    public static function mustBeOf(int $hour, string $packed): void
    {
        foreach (PackedTrack::unpack($packed) as $point) {
            if (intdiv(self::ms($point), self::HOUR) !== $hour) {
                throw InvalidValue::because('packed', "points of hour {$hour}");
            }
        }
    }

    /**
     * @param  iterable<TrackPoint>  $packed  earlier first
     * @param  iterable<TrackPoint>  $points  earlier first
     * @return Generator<int, TrackPoint> earlier first
     */
    public static function merged(iterable $packed, iterable $points): Generator
    {
        $packed = (static fn (): Generator => yield from $packed)();
        foreach ($points as $point) {
            $moment = self::ms($point);
            $same = false;
            for (; $packed->valid() && self::ms($packed->current()) <= $moment; $packed->next()) {
                $same = self::ms($packed->current()) === $moment;
                yield $packed->current();
            }
            if (! $same) {
                yield $point;
            }
        }
        for (; $packed->valid(); $packed->next()) {
            yield $packed->current();
        }
    }

    /** ms since 1970 UTC, as it is kept. */
    public static function ms(TrackPoint $point): int
    {
        return (int) round($point->at * 1000);
    }
}
