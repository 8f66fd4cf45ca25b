<?php

declare(strict_types=1);

namespace App\Instruments;

use Admek\Core\Instruments\Figure;
use Admek\Core\Instruments\Motion;
use Admek\Core\Instruments\TrackPoint;
use Admek\Core\Instruments\Turning;
use Admek\Core\InvalidValue;
use Illuminate\Support\Facades\DB;
use PDOException;

/** Where she was and what she read, moment by moment; kept once and never changed. */
final class Track
{
    /** s within which a point tells of a moment. */
    private const NEAR = 10.0;

    /** s back that a straight run still says how lines lay before a turn. */
    private const LAST_STRAIGHT = 600.0;

    /** Points that are held while they cannot be kept: some hours of them. */
    private const HELD = 5000;

    /** Rows of one statement. */
    private const AT_ONCE = 500;

    /** Where points are made ready before the data is held for them. */
    private const STAGED = 'staged_track';

    private const FIGURES = [
        Figure::Latitude, Figure::Longitude, Figure::WaterSpeed, Figure::GroundSpeed, Figure::Course, Figure::Heading,
        Figure::Turn, Figure::Depth, Figure::WaterTemperature, Figure::WindAngle, Figure::WindSpeed,
    ];

    /** @var list<TrackPoint> */
    private array $held = [];

    /**
     * What cannot be kept just now, on a full disk or while another change is being kept, is kept with the next.
     *
     * @return bool whether anything was written
     */
    public function keep(TrackPoint $point): bool
    {
        $this->held = array_slice([...$this->held, $point], -self::HELD);
        try {
            $kept = DB::transaction(fn (): int => self::insert('track', $this->held));
            $this->held = [];

            return $kept > 0;
        } catch (PDOException) {
            return false;
        }
    }

    /**
     * Points that are held, for who is to go on holding them.
     *
     * @return list<TrackPoint>
     */
    public function held(): array
    {
        return $this->held;
    }

    /** @param  list<TrackPoint>  $points  that another held and could not keep */
    public function hold(array $points): void
    {
        $this->held = array_slice([...$this->held, ...$points], -self::HELD);
    }

    /**
     * Makes many points ready, beside the data: nobody waits for it.
     *
     * @param  list<TrackPoint>  $points
     */
    public function stage(array $points): void
    {
        DB::statement('create temp table if not exists '.self::STAGED.' as select * from track where 0');
        DB::table(self::STAGED)->delete();
        foreach (array_chunk(PackedHours::without($points), self::AT_ONCE) as $some) {
            self::insert(self::STAGED, $some);
        }
    }

    /** Points that were made ready; those of a moment that is there already stay as they are. */
    public function takeStaged(): void
    {
        DB::statement('insert or ignore into track select * from '.self::STAGED);
    }

    /**
     * @param  list<TrackPoint>  $points
     * @return int those that were not there
     */
    private static function insert(string $table, array $points): int
    {
        $none = array_fill_keys(array_column(self::FIGURES, 'value'), null);

        return DB::table($table)->insertOrIgnore(array_map(
            static fn (TrackPoint $point): array => ['at' => (int) round($point->at * 1000)]
                + array_replace($none, array_intersect_key($point->figures, $none)),
            $points,
        ));
    }

    /**
     * Packs hour by hour what is older than a moment; whoever has something to keep meanwhile waits for a few hundred points at
     * most. Until they are gone points stand beside what they were packed into, which who reads cannot tell.
     *
     * @param  float  $before  s since 1970 UTC
     * @return int points that were packed
     */
    public function pack(float $before): int
    {
        $packed = 0;
        $last = intdiv((int) ($before * 1000), PackedHours::HOUR);
        for ($hour = 0; ; $hour++) {
            $first = DB::table('track')->where('at', '>=', $hour * PackedHours::HOUR)->where('at', '<', $last * PackedHours::HOUR)
                ->min('at');
            if (! is_int($first)) {
                return $packed;
            }
            $hour = intdiv($first, PackedHours::HOUR);
            $packed += self::packHour($hour);
        }
    }

    private static function packHour(int $hour): int
    {
        $when = [$hour * PackedHours::HOUR, ($hour + 1) * PackedHours::HOUR - 1];
        $points = array_values([...self::points($when)]);
        try {
            PackedHours::keep($hour, $points);
        } catch (InvalidValue) {
            // What cannot be packed stays as it is.
            return 0;
        }
        foreach (array_chunk($points, self::AT_ONCE) as $some) {
            DB::table('track')->whereIn('at', array_map(PackedHours::ms(...), $some))->delete();
        }

        return count($points);
    }

    /** What she read at a moment; null where nothing was kept near it. */
    public function near(float $at): ?TrackPoint
    {
        $nearest = null;
        foreach ($this->between($at - self::NEAR, $at + self::NEAR) as $point) {
            $nearest = $nearest === null || abs($point->at - $at) < abs($nearest->at - $at) ? $point : $nearest;
        }

        return $nearest;
    }

    /** How she went when she last did not turn hard before a moment; null where that is too long ago, or was not kept. */
    public function straightBefore(float $at): ?Motion
    {
        $when = [(int) (1000 * ($at - self::LAST_STRAIGHT)), (int) (1000 * $at)];
        $row = DB::table('track')->whereBetween('at', $when)->whereBetween('turn', [-Turning::HARD, Turning::HARD])
            ->orderByDesc('at')->first();
        $last = $row === null ? null : self::point((array) $row);
        foreach (PackedHours::between(...$when) as $point) {
            $turn = $point->figures[Figure::Turn->value] ?? null;
            $last = $turn !== null && abs($turn) <= Turning::HARD && ($last === null || $point->at > $last->at) ? $point : $last;
        }

        return $last === null ? null : Motion::kept($last);
    }

    /**
     * What tells whether any point between has come since, of a day that is not packed yet: they are kept once and never changed.
     *
     * @param  float  $from  s since 1970 UTC
     * @param  float  $to  s since 1970 UTC
     */
    public function counted(float $from, float $to): int
    {
        return DB::table('track')->whereBetween('at', [(int) ($from * 1000), (int) ($to * 1000)])->count();
    }

    /**
     * @param  float  $from  s since 1970 UTC
     * @param  float  $to  s since 1970 UTC
     * @return iterable<TrackPoint> earlier first
     */
    public function between(float $from, float $to): iterable
    {
        $when = [(int) ($from * 1000), (int) ($to * 1000)];

        return PackedHours::merged(PackedHours::between(...$when), self::points($when));
    }

    /**
     * @param  array{int, int}  $when  ms since 1970 UTC
     * @return iterable<TrackPoint> that are not packed, earlier first
     */
    private static function points(array $when): iterable
    {
        foreach (DB::table('track')->whereBetween('at', $when)->orderBy('at')->cursor() as $row) {
            yield self::point((array) $row);
        }
    }

    /** @param  array<string, mixed>  $row */
    private static function point(array $row): TrackPoint
    {
        $figures = [];
        foreach (self::FIGURES as $figure) {
            $value = $row[$figure->value] ?? null;
            if (is_numeric($value)) {
                $figures[$figure->value] = (float) $value;
            }
        }

        return new TrackPoint((is_numeric($row['at']) ? (float) $row['at'] : 0.0) / 1000, $figures);
    }
}
