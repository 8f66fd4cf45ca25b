<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\DataFile;
use App\Database\OwnBackups;
use App\Database\ServingLock;
use App\Models\Bite;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Support\DataInAFolder;
use Tests\Feature\Support\FeatureTestCase;

/** Nothing recorded is lost: neither by what puts a backup in place, nor by what makes one. */
final class BackupsTest extends FeatureTestCase
{
    use DataInAFolder;

    public function test_a_backup_holds_everything_and_restores_it(): void
    {
        $backup = $this->backup();
        self::assertSame(1, $this->command('admek:backup', ['file' => $backup]), 'no other file is written over');
        Bite::query()->delete();
        foreach ([1, 2] as $times) {
            $this->stopped();
            self::assertSame(0, $this->command('admek:restore', ['file' => $backup]), $this->printed());
            self::assertSame(7, Bite::query()->count());
            self::assertCount($times, $this->kept(), 'two in a second are two');
        }
        self::assertSame([0, 7], array_map(self::bites(...), $this->kept()), 'each as it was');
    }

    public function test_nothing_is_put_in_place_of_data_that_is_served(): void
    {
        $backup = $this->backup();
        $serving = ServingLock::of($this->database);
        Bite::query()->delete();
        self::assertSame(1, $this->command('admek:restore', ['file' => $backup]));
        self::assertStringContainsString('Stop it first', $this->printed());
        self::assertSame([], $this->kept());
        self::assertSame(0, Bite::query()->count());

        $serving->release();
        $this->stopped();
        self::assertSame(0, $this->command('admek:restore', ['file' => $backup]));
    }

    public function test_what_is_damaged_is_kept_as_it_is_and_replaced(): void
    {
        $backup = $this->backup();
        $this->stopped();
        $damaged = substr_replace((string) file_get_contents($this->database), str_repeat("\xAA", 8192), 4096, 8192);
        file_put_contents($this->database, $damaged);
        self::assertSame(1, $this->command('admek:check'));
        $this->stopped();
        self::assertSame(0, $this->command('admek:restore', ['file' => $backup]), $this->printed());

        self::assertSame(7, Bite::query()->count());
        self::assertSame([md5($damaged)], array_map(md5_file(...), $this->kept()));
    }

    /** @return iterable<string, array{callable(string): mixed, string}> */
    public static function spoilt(): iterable
    {
        $say = static fn (string ...$queries): callable => static function (string $file) use ($queries): void {
            $database = new PDO("sqlite:{$file}");
            array_map($database->exec(...), $queries);
        };
        yield 'cut short' => [
            static fn (string $file) => ftruncate(fopen($file, 'r+') ?: self::fail(), 20_000), 'is not put in place',
        ];
        yield 'no database' => [static fn (string $file) => file_put_contents($file, 'a letter'), 'damaged, or no database'];
        yield 'another program’s' => [$say('drop table bites', 'drop table spreads'), 'it has no'];
        yield 'a newer Admek’s' => [
            $say("insert into migrations (migration, batch) values ('2099_add_sails', 9)"), 'newer Admek',
        ];
        yield 'with no boat' => [$say('pragma foreign_keys = off', 'delete from boats'), 'holds no boat'];
        yield 'with lines of no spread' => [$say('pragma foreign_keys = off', 'delete from spreads'), 'belong to nothing'];
    }

    /** @param  callable(string): mixed  $spoil */
    #[DataProvider('spoilt')]
    public function test_a_backup_that_is_not_whole_is_never_put_in_place(callable $spoil, string $said): void
    {
        $backup = $this->backup();
        $spoil($backup);
        $this->stopped();
        self::assertSame(1, $this->command('admek:restore', ['file' => $backup]));

        self::assertStringContainsString($said, $this->printed());
        self::assertSame([], $this->kept());
        self::assertSame(7, Bite::query()->count());
        self::assertSame(1, $this->command('admek:check', ['file' => $backup]));
    }

    public function test_a_backup_that_fails_leaves_no_file(): void
    {
        self::assertSame(1, $this->command('admek:backup', ['file' => "{$this->folder}/nowhere/x.sqlite"]));
        self::assertSame([], glob("{$this->folder}/*"));
        self::assertSame(1, $this->command('admek:restore', ['file' => '/nowhere']));
    }

    public function test_admek_s_own_backups_are_the_newest_ten_and_one_a_day(): void
    {
        $data = $this->app->make(DataFile::class);
        $data->copyTo("{$this->folder}/data.sqlite");
        $own = new OwnBackups($data->at("{$this->folder}/data.sqlite"));
        self::assertTrue($own->isDue(time()));
        $made = [];
        for ($i = 0; $i < 12; $i++) {
            $made[] = $own->make('daily');
        }
        self::assertFalse($own->isDue(time()));
        self::assertTrue($own->isDue(time() + 86_401));
        self::assertTrue($own->isDue(time() - 86_400 * 400), 'the clock was a year ahead when they were made');
        self::assertCount(10, $own->all());
        self::assertSame([], array_diff($own->all(), $made));
        self::assertSame([], $data->at($own->all()[0])->faults());

        // Of no more bytes together than are said, and two whatever they take.
        $size = (int) filesize($own->all()[0]);
        (new OwnBackups($data->at("{$this->folder}/data.sqlite"), (int) (4.5 * $size)))->make('daily');
        self::assertCount(4, $own->all());
        $last = (new OwnBackups($data->at("{$this->folder}/data.sqlite"), 1))->make('daily');
        self::assertCount(2, $own->all());
        self::assertContains($last, $own->all());
    }

    private function backup(): string
    {
        $backup = "{$this->folder}/backup.sqlite";
        self::assertSame(0, $this->command('admek:backup', ['file' => $backup]), $this->printed());

        return $backup;
    }

    /** @return list<string> what was kept of the data, the oldest first */
    private function kept(): array
    {
        $kept = preg_grep('/-(wal|shm)$/', glob("{$this->database}.before-*") ?: [], PREG_GREP_INVERT) ?: [];
        // Two in a second are told apart by what is in them.
        usort(
            $kept, static fn (string $a, string $b): int => [filectime($a), self::bites($a)] <=> [filectime($b), self::bites($b)],
        );

        return $kept;
    }

    private static function bites(string $file): int
    {
        $asked = (new PDO("sqlite:{$file}"))->query('select count(*) from bites');

        return $asked === false ? -1 : (int) $asked->fetchColumn();
    }
}
