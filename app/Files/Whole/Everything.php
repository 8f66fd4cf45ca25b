<?php

declare(strict_types=1);

namespace App\Files\Whole;

use Admek\Core\InvalidValue;
use App\Database\Migrations;
use App\Files\Days\DayFile;
use App\Files\Days\DayIntake;
use App\Files\Schema;
use Illuminate\Support\Facades\DB;
use JsonException;
use PDO;

/**
 * All that was recorded, as lines of JSON: what Admek it is of, then row by row every table, in the order of their keys, so that
 * what comes back into an empty Admek is written the same again. The last line tells how many rows there are and what they add up
 * to: a file that was cut short has none. Devices that are let in are not of it: they are let in anew.
 */
final class Everything
{
    public const FORMAT = 'admek-everything';

    public const VERSION = 2;

    private const HASH = 'sha256';

    public const MOST_BYTES = 500_000_000;

    /** Who is let in where is this machine's; which tables there are is the program's; what was read of trips is read again. */
    private const NOT_OF_IT = ['devices', 'fished_trips', 'migrations', 'pairing_codes', 'pairing_tries'];

    /** Events that are held to their schema together. */
    private const AT_ONCE = 200;

    /** Tables whose rows have pages of their own. */
    private const WITH_PAGES = ['boats', 'trips', 'spreads'];

    /** Bytes that are handed on at once. */
    private const TOGETHER = 65_536;

    /** Bytes of one row: a photograph, or a chart. */
    private const LONGEST = 40_000_000;

    /** @return iterable<string> lines, many together, all of one moment, whatever is kept meanwhile */
    public static function lines(Migrations $migrations): iterable
    {
        $data = DB::connection()->getPdo();
        // Reading alone holds nobody up.
        $own = ! $data->inTransaction() && $data->exec('begin deferred') !== false;
        try {
            $hash = hash_init(self::HASH);
            $rows = -1;
            $lines = '';
            foreach (self::rows($data, $migrations) as $line) {
                $lines .= $line;
                $rows++;
                if (strlen($lines) >= self::TOGETHER) {
                    hash_update($hash, $lines);
                    yield $lines;
                    $lines = '';
                }
            }
            hash_update($hash, $lines);
            yield $lines.self::json(['end' => ['rows' => $rows, self::HASH => hash_final($hash)]]);
        } finally {
            $own && $data->commit();
        }
    }

    /** @return iterable<string> lines, but for the last */
    private static function rows(PDO $data, Migrations $migrations): iterable
    {
        yield self::json(['format' => self::FORMAT, 'version' => self::VERSION, 'data' => self::data($migrations)]);
        foreach (self::tables() as $table => $columns) {
            $named = '"'.implode('", "', array_keys($columns)).'"';
            $asked = $data->query("select {$named} from \"{$table}\" order by rowid", PDO::FETCH_ASSOC);
            foreach ($asked === false ? [] : $asked as $row) {
                try {
                    yield self::json(['table' => $table, 'row' => $row]);
                } catch (JsonException) {
                    yield self::json(['table' => $table, 'row' => array_map(self::told(...), $row)]);
                }
            }
        }
    }

    /**
     * Whole, into an empty Admek, or not at all.
     *
     * @param  resource  $file
     * @return array<string, int> rows by table
     *
     * @throws InvalidValue naming the line
     */
    public static function read($file, Migrations $migrations, EveryPage $pages): array
    {
        if (DB::table('boats')->exists()) {
            throw InvalidValue::because('file', 'read into an Admek that has no boat yet: nothing here is written over');
        }
        $tables = self::tables();

        return DB::transaction(static function () use ($file, $migrations, $tables, $pages): array {
            DB::statement('pragma defer_foreign_keys = on');
            $gate = new RowGate($tables);
            $counts = $lines = $events = [];
            $hash = hash_init(self::HASH);
            $end = null;
            for ($number = 1; ($line = stream_get_line($file, self::LONGEST, "\n")) !== false; $number++) {
                try {
                    $told = json_decode($line, true, 64, JSON_THROW_ON_ERROR);
                } catch (JsonException) {
                    throw InvalidValue::because("line {$number}", 'JSON');
                }
                if ($end !== null) {
                    throw InvalidValue::because("line {$number}", 'none: the line before it is the last');
                }
                if ($number > 1 && is_array($told) && isset($told['end'])) {
                    $end = $told['end'];

                    continue;
                }
                hash_update($hash, "{$line}\n");
                if ($number === 1) {
                    self::hold($told, $migrations);

                    continue;
                }
                [$table, $row] = self::row($told, $tables, $number);
                try {
                    $row = $gate->held($table, $row);
                } catch (InvalidValue $invalid) {
                    throw $invalid->named("line {$number} {$invalid->field}");
                }
                if ($table === 'events') {
                    $events[$number] = self::event($row);
                    $events = count($events) < self::AT_ONCE ? $events : self::heldToTheirSchema($events);
                }
                DB::table($table)->insert($row);
                $counts[$table] = ($counts[$table] ?? 0) + 1;
                if (in_array($table, self::WITH_PAGES, true) && is_int($row['id'])) {
                    $lines["{$table} {$row['id']}"] = $number;
                }
            }
            self::heldToTheirSchema($events);
            if ($number === 1) {
                throw InvalidValue::because('file', self::FORMAT);
            }
            if ($end !== ['rows' => array_sum($counts), self::HASH => hash_final($hash)]) {
                throw InvalidValue::because('file', $end === null
                    ? 'whole: it was cut short, for its last line is missing' : 'as it was written: it was changed since');
            }
            $loose = DB::selectOne('pragma foreign_key_check');
            if ($loose !== null) {
                throw InvalidValue::because(
                    'file', "whole: a row of {$loose->table} is of one in {$loose->parent} that is not in it",
                );
            }

            $pages->look(static fn (string $table, int $id): string => 'line '.($lines["{$table} {$id}"] ?? 1));

            return $counts;
        });
    }

    /**
     * As a day's file has it.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function event(array $row): array
    {
        $tells = json_decode(is_string($row['tells']) ? $row['tells'] : '');

        return ['tells' => $tells] + array_intersect_key(
            $row, array_flip(['uuid', 'kind', 'at', 'told_at', 'who', 'holder', 'of']),
        );
    }

    /**
     * @param  array<int, array<string, mixed>>  $events  by their lines
     * @return array{} none are left to be held
     *
     * @throws InvalidValue naming the line
     */
    private static function heldToTheirSchema(array $events): array
    {
        $lines = array_keys($events);
        try {
            Schema::hold(DayFile::of(array_values($events), []), DayIntake::SCHEMA);
        } catch (InvalidValue $invalid) {
            throw $invalid->named((string) preg_replace_callback(
                '/^events\.(\d+)\.?/', static fn (array $found): string => "line {$lines[(int) $found[1]]} ", $invalid->field,
            ));
        }

        return [];
    }

    /** @throws InvalidValue */
    private static function hold(mixed $told, Migrations $migrations): void
    {
        if (! is_array($told) || ($told['format'] ?? null) !== self::FORMAT || ($told['version'] ?? null) !== self::VERSION) {
            throw InvalidValue::because('line 1', self::FORMAT.', version '.self::VERSION);
        }
        $data = self::data($migrations);
        if (($told['data'] ?? null) !== $data) {
            throw InvalidValue::because(
                'line 1', "of this Admek, whose data is of {$data}: bring the other one up to date first",
            );
        }
    }

    /**
     * @param  array<string, array<string, string>>  $tables
     * @return array{string, array<string, mixed>}
     *
     * @throws InvalidValue
     */
    private static function row(mixed $told, array $tables, int $number): array
    {
        $table = is_array($told) && is_string($told['table'] ?? null) ? $told['table'] : '';
        $row = is_array($told) && is_array($told['row'] ?? null) ? $told['row'] : [];
        if (! isset($tables[$table]) || $row === []) {
            throw InvalidValue::because("line {$number}", 'a row of '.implode(', ', array_keys($tables)));
        }
        $unknown = array_diff_key($row, $tables[$table]);
        if ($unknown !== []) {
            throw InvalidValue::because("line {$number}", "a row of {$table}, which has no ".array_key_first($unknown));
        }
        if (count($row) < count($tables[$table])) {
            $missing = array_key_first(array_diff_key($tables[$table], $row));
            throw InvalidValue::because("line {$number}", "a whole row of {$table}: {$missing} is missing");
        }

        return [$table, array_map(static fn (mixed $value): mixed => self::kept($value, $number), $row)];
    }

    /** @throws InvalidValue */
    private static function kept(mixed $value, int $number): mixed
    {
        if (is_array($value)) {
            $bytes = is_string($value['base64'] ?? null) ? base64_decode($value['base64'], true) : false;

            return $bytes === false ? throw InvalidValue::because("line {$number}", 'figures, words or bytes') : $bytes;
        }

        return is_bool($value) ? (int) $value : $value;
    }

    /** What is no text is told as bytes. */
    private static function told(mixed $value): mixed
    {
        return is_string($value) && ! mb_check_encoding($value, 'UTF-8') ? ['base64' => base64_encode($value)] : $value;
    }

    private static function data(Migrations $migrations): string
    {
        $all = $migrations->current();

        return (string) end($all);
    }

    /** @return array<string, array<string, string>> columns of each table, with what they are declared as */
    private static function tables(): array
    {
        $tables = [];
        foreach (DB::table('sqlite_master')->where('type', 'table')->whereNot('name', 'like', 'sqlite_%')->orderBy('name')
            ->get(['name']) as $table) {
            if (! in_array($table->name, self::NOT_OF_IT, true)) {
                $columns = array_column(DB::select("pragma table_info({$table->name})"), 'type', 'name');
                $tables[$table->name] = array_map(strtolower(...), $columns);
            }
        }

        return $tables;
    }

    private static function json(mixed $told): string
    {
        return json_encode(
            $told, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        )."\n";
    }
}
