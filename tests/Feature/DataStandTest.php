<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\DataStand;
use PDO;
use PHPUnit\Framework\TestCase;

/** How all that is kept stands is told without opening it, and without letting go of it. */
final class DataStandTest extends TestCase
{
    private string $path;

    private PDO $data;

    protected function setUp(): void
    {
        $this->path = sys_get_temp_dir().'/admek-stand-'.bin2hex(random_bytes(6));
        $this->data = $this->open();
        $this->data->exec('pragma journal_mode = wal; create table kept (of text)');
    }

    protected function tearDown(): void
    {
        unset($this->data);
        array_map(unlink(...), glob("{$this->path}*") ?: []);
    }

    public function test_every_write_makes_another_stand_and_a_look_does_not(): void
    {
        $stands = [$this->stands()];
        foreach (range(1, 3) as $time) {
            $this->data->exec("insert into kept values ('{$time}')");
            $stands[] = $this->stands();
            self::assertCount(1 + $time, array_unique($stands));
            $this->look();
            self::assertSame(end($stands), $this->stands());
        }
        self::assertNotContains('', $stands);
    }

    public function test_what_is_of_no_matter_leaves_it_as_it_was_but_where_somebody_else_wrote_meanwhile(): void
    {
        $stand = new DataStand("{$this->path}.sqlite", "{$this->path}.beside");
        $before = $this->stands();
        foreach ([1, 2, 3] as $time) {
            $stand->doesNotChangeBy(fn (): bool => $this->data->exec("insert into kept values ('{$time}')") === 1);
            self::assertSame($before, $this->stands());
        }
        $stand->doesNotChangeBy(static fn (): bool => false);
        self::assertSame($before, $this->stands());
        $other = $this->open();
        $stand->doesNotChangeBy(fn (): bool => $other->exec("insert into kept values ('theirs')")
            + $this->data->exec("insert into kept values ('mine')") === 2);
        self::assertNotSame($before, $after = $this->stands());
        $other->exec("insert into kept values ('theirs')");
        self::assertNotSame($after, $this->stands());
    }

    public function test_who_has_the_data_open_keeps_its_locks_on_it(): void
    {
        $this->look();
        $held = $this->locks();
        self::assertNotSame([], $held, 'SQLite holds the index of an open database');
        $stand = new DataStand("{$this->path}.sqlite", "{$this->path}.beside");
        $stand->doesNotChangeBy(fn (): bool => $this->data->exec("insert into kept values ('mine')") === 1);
        self::assertSame($held, $this->locks());
    }

    private function look(): void
    {
        $rows = $this->data->query('select * from kept');
        self::assertNotFalse($rows);
        $rows->fetchAll();
    }

    /**
     * As another process would: it has nothing of it open.
     *
     * @phpstan-impure
     */
    private function stands(): string
    {
        $ask = 'require $argv[1]; echo (new App\Database\DataStand($argv[2], $argv[3]))->beforeOpening();';
        $told = shell_exec(implode(' ', array_map(escapeshellarg(...), [
            PHP_BINARY, '-r', $ask, dirname(__DIR__, 2).'/vendor/autoload.php', "{$this->path}.sqlite", "{$this->path}.beside",
        ])));

        return (string) $told;
    }

    /** @return list<string> locks of this process on the index, as the kernel tells them */
    private function locks(): array
    {
        $mine = sprintf('/ %d \S+:%d /', getmypid(), fileinode("{$this->path}.sqlite-shm"));
        $locks = preg_grep($mine, file('/proc/locks') ?: []);

        return array_values(array_map(static fn (string $lock): string => (string) strstr($lock, ' '), $locks ?: []));
    }

    private function open(): PDO
    {
        return new PDO("sqlite:{$this->path}.sqlite", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }
}
