<?php

declare(strict_types=1);

namespace App\Reading\Season;

use Admek\Core\Patterns\Bands;
use Admek\Core\Patterns\FishedDay;
use Illuminate\Support\Facades\DB;
use PDOException;

/**
 * What was read of each trip, kept with the data until something it follows from changes: its pieces, and their sums by the bands
 * they were last counted in.
 *
 * @phpstan-import-type PieceTold from FishedDay
 * @phpstan-import-type Told from FishedDay
 */
final class ReadTrips
{
    /** @var array<int, array{of: string, bands: string, day: string}> by trip */
    private array $rows = [];

    private readonly string $counted;

    public function __construct(private readonly Bands $bands)
    {
        $this->counted = hash('xxh128', serialize($bands));
        foreach (DB::table('fished_trips')->get(['trip_id', 'of', 'bands', 'day']) as $row) {
            $this->rows[(int) $row->trip_id] = ['of' => $row->of, 'bands' => $row->bands, 'day' => $row->day];
        }
    }

    /** @param  string  $of  hash of all it follows from */
    public function has(int $trip, string $of): bool
    {
        return ($this->rows[$trip]['of'] ?? null) === $of;
    }

    /** Of a trip that it has; null where nothing was fished on it. */
    public function day(int $trip): ?FishedDay
    {
        $row = $this->rows[$trip];
        if ($row['bands'] !== $this->counted) {
            $packed = (string) DB::table('fished_trips')->where('trip_id', $trip)->value('pieces');
            /** @var list<PieceTold> $pieces */
            $pieces = self::told($packed);

            return $this->count($trip, $row['of'], $packed, $pieces);
        }
        /** @var Told|array{} $told */
        $told = self::told($row['day']);

        return $told === [] ? null : FishedDay::told($told);
    }

    /** @param  list<PieceTold>  $pieces */
    public function keep(int $trip, string $of, array $pieces): void
    {
        $this->count($trip, $of, self::packed($pieces), $pieces);
    }

    /**
     * Those of a boat’s days between two dates are read anew when they are asked for next.
     *
     * @param  string  $from  date
     * @param  string  $to  date
     */
    public static function forget(string $from, string $to): void
    {
        DB::table('fished_trips')->whereIn('trip_id', DB::table('trips')->whereBetween('date', [$from, "{$to} 23:59:59"])
            ->select('id'))->delete();
    }

    public static function forgetAll(): void
    {
        DB::table('fished_trips')->delete();
    }

    /** @param  list<PieceTold>  $pieces */
    private function count(int $trip, string $of, string $packed, array $pieces): ?FishedDay
    {
        $day = $pieces === [] ? null : FishedDay::of($trip, $pieces, $this->bands);
        $this->rows[$trip] = ['of' => $of, 'bands' => $this->counted, 'day' => self::packed($day->told ?? [])];
        try {
            DB::table('fished_trips')->upsert(['trip_id' => $trip, 'pieces' => $packed] + $this->rows[$trip], ['trip_id']);
        } catch (PDOException) {
            // On a full disk it is read anew each time.
        }

        return $day;
    }

    /** @param  array<array-key, mixed>  $told */
    private static function packed(array $told): string
    {
        return (string) gzdeflate(json_encode($told, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }

    /** @return array<array-key, mixed> */
    private static function told(string $packed): array
    {
        return json_decode((string) gzinflate($packed), true, flags: JSON_THROW_ON_ERROR);
    }
}
