<?php

declare(strict_types=1);

namespace Tests\Support;

use PDO;

/**
 * Many seasons on end, made of those days the demo world was fished: each trip is one of them on another day, with a track of a
 * point a second beside it.
 */
final class FiveSeasons
{
    private const SEASON = 100;

    /** s of a day on the water. */
    private const DAY = 6 * 3600;

    /** What hangs on a trip, and is copied with it. */
    private const OF_TRIP = ['target_bands', 'temperature_readings', 'chores', 'marks'];

    private const DAY_SECONDS = 86_400;

    private function __construct(private readonly PDO $data)
    {
    }

    /**
     * @param  string  $database  with the demo world and its season in it
     * @param  int  $trips  that are to be there
     */
    public static function make(string $database, int $trips = 500): void
    {
        $data = new PDO("sqlite:{$database}");
        $data->setAttribute(PDO::ATTR_ERRMODE, PDO::ERRMODE_EXCEPTION);
        $data->exec('pragma synchronous = off');
        $data->exec('begin');
        (new self($data))->fill($trips);
        $data->exec('commit');
        // Gigabytes on their way to the disk would hold up whatever is measured next.
        $data->exec('pragma wal_checkpoint(truncate)');
        unset($data);
        exec('sync');
    }

    private function fill(int $trips): void
    {
        $fished = $this->column('select trip_id from events group by trip_id having count(*) > 20 order by trip_id');
        $there = (int) $this->column('select count(*) from trips')[0];
        for ($n = 1; $n <= $trips - $there; $n++) {
            $this->again((int) $fished[$n % count($fished)], $n);
        }
    }

    private function again(int $trip, int $n): void
    {
        $date = (string) $this->column("select date(date) from trips where id = {$trip}")[0];
        // Seasons on end, each of so many days, the latest before those of the demo.
        $days = 365 * (1 + intdiv($n, self::SEASON)) + $n % self::SEASON - 50;
        $new = $this->copied('trips', "id = {$trip}", ['date' => "date('{$date}', '-{$days} days')"]);
        foreach (self::OF_TRIP as $table) {
            $this->copied($table, "trip_id = {$trip}", ['trip_id' => (string) $new]);
        }
        $seconds = self::DAY_SECONDS * $days;
        $id = static fn (string $column): string => sprintf("'%08x' || substr({$column}, 9)", $n);
        $of = ['trip_id' => (string) $new, 'uuid' => $id('uuid')];
        foreach ($this->column("select id from spreads where trip_id = {$trip}") as $spread) {
            $plan = $this->copied('spreads', "id = {$spread}", ['trip_id' => (string) $new]);
            $this->copied('spread_lines', "spread_id = {$spread}", ['spread_id' => (string) $plan]);
            $of['spread_id'] = (string) $plan;
        }
        $this->copied('events', "trip_id = {$trip}", $of + [
            'of' => "case when \"of\" is null then null else {$id('"of"')} end", 'at' => "at - {$seconds}",
            'told_at' => "told_at - {$seconds}", 'received_at' => "datetime(received_at, '-{$seconds} seconds')",
        ]);
        $this->copied('bites', "trip_id = {$trip}", $of + ['bitten_at' => "datetime(bitten_at, '-{$seconds} seconds')"]);
        $from = (float) $this->column("select min(at) from events where trip_id = {$new}")[0];
        $this->track((int) $from);
    }

    /**
     * Rows once more, with some columns otherwise and ids of their own.
     *
     * @param  array<string, string>  $otherwise  SQL by column
     * @return int the last id
     */
    private function copied(string $table, string $where, array $otherwise): int
    {
        $columns = array_diff(
            array_map(strval(...), $this->column("select name from pragma_table_info('{$table}')")), ['id'],
        );
        $told = array_map(static fn (string $column): string => $otherwise[$column] ?? "\"{$column}\"", $columns);
        $this->data->exec(sprintf(
            'insert into %s (%s) select %s from %s where %s', $table, '"'.implode('", "', $columns).'"', implode(', ', $told),
            $table, $where,
        ));

        return (int) $this->data->lastInsertId();
    }

    /** A point a second, as she goes to and fro over a ground, and as instruments scatter; s since 1970 UTC. */
    private function track(int $from): void
    {
        $scatter = static fn (float $of): string => sprintf('%.8F * (random() %% 1000)', $of / 1000.0);
        $this->data->exec(sprintf(
            'insert or ignore into track (at, latitude, longitude, water_speed, ground_speed, course, heading, turn, depth) '
                .'with recursive second(i) as (select 0 union all select i + 1 from second where i < %d) '
                .'select 1000 * (%d + i), 45.3 + 0.02 * sin(i / 900.0) + %s, -38.4 + 0.03 * sin(i / 1700.0) + %s, '
                .'1.05 + 0.1 * sin(i / 61.0) + %s, 1.1 + 0.1 * sin(i / 67.0) + %s, 180 + 170 * sin(i / 900.0) + %s, '
                .'180 + 168 * sin(i / 901.0) + %s, 2.5 * sin(i / 240.0) + %s, 33 + 8 * sin(i / 410.0) + %s from second',
            self::DAY - 1, $from, ...array_map($scatter, [2e-6, 2e-6, 0.03, 0.05, 3.0, 2.0, 0.2, 0.1]),
        ));
    }

    /** @return list<int|string> */
    private function column(string $query): array
    {
        $asked = $this->data->query($query);
        assert($asked !== false);

        return array_values($asked->fetchAll(PDO::FETCH_COLUMN));
    }
}
