<?php

declare(strict_types=1);

namespace Tests\Support\Running;

use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\Support\DemoRows;

/**
 * Admek itself on a port of its own, with a database of its own: one for a whole run, its database put back to what was
 * prepared each time it is asked for. ADMEK_TEST_BOAT in the environment serves it in boat mode.
 */
final class RunningApp
{
    public const LAPTOP = '127.0.0.1';

    /** A name of the boat's that devices on her network ask by. */
    public const BOAT = 'second-lamp.test';

    private static ?self $shared = null;

    /** @var array<string, string> database files made once, by what is in them */
    private static array $prepared = [];

    public readonly string $database;

    public readonly int $port;

    private bool $served = false;

    private function __construct(private readonly Serving $serving)
    {
        $this->database = $serving->database();
        $this->port = $serving->port();
    }

    public static function withDemo(): self
    {
        return self::shared(self::prepared('demo', ['admek:demo']));
    }

    /** The same under way, with a season behind her; her gateway says nothing. */
    public static function withSeason(): self
    {
        return self::shared(self::season());
    }

    public static function empty(): self
    {
        return self::shared(self::prepared('empty', ['migrate', '--force']));
    }

    /** One for a test alone, with the demo world, which ends it. */
    public static function alone(Serving $serving): self
    {
        return self::lone($serving, self::prepared('demo', ['admek:demo']));
    }

    /** The same under way, with a season behind her. */
    public static function aloneWithSeason(Serving $serving): self
    {
        return self::lone($serving, self::season());
    }

    private static function lone(Serving $serving, string $prepared): self
    {
        $app = new self($serving);
        $app->putBack($prepared);

        return $app;
    }

    private static function season(): string
    {
        return self::prepared('season', ['admek:demo', '--sea=9']);
    }

    public function url(string $path = '/', string $host = self::LAPTOP): string
    {
        return "http://{$host}:{$this->port}/#".DemoRows::in($path, $this->database);
    }

    public function api(string $path, string $host = self::LAPTOP): string
    {
        return "http://{$host}:{$this->port}/api".DemoRows::in($path, $this->database);
    }

    /**
     * Starts the server (again) and returns once it answers.
     *
     * @param  array<string, string>  $otherwise  of its environment
     */
    public function serve(array $otherwise = []): void
    {
        $this->serving->start($otherwise);
        $this->served = true;
    }

    public function stopServing(): void
    {
        $this->serving->stop();
        $this->served = false;
    }

    /** Milliseconds of processor the server and its workers have used, as /proc tells it in hundredths of a second. */
    public function processorTime(): float
    {
        $ticks = 0;
        $groups = $this->serving->groups();
        foreach (glob('/proc/[0-9]*/stat') ?: [] as $file) {
            $stat = (string) @file_get_contents($file);
            $fields = explode(' ', substr($stat, (int) strrpos($stat, ')') + 2));
            if (count($fields) > 12 && in_array((int) $fields[2], $groups, true)) {
                $ticks += (int) $fields[11] + (int) $fields[12];
            }
        }

        return 10.0 * $ticks;
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No free port');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    /** A place for a file or a folder nobody has. */
    public static function temporary(): string
    {
        return sys_get_temp_dir().'/admek-browser-'.bin2hex(random_bytes(6));
    }

    public static function root(): string
    {
        return dirname(__DIR__, 3);
    }

    public function end(): void
    {
        $this->serving->end();
    }

    private static function shared(string $prepared): self
    {
        if (self::$shared === null) {
            self::$shared = new self(getenv('ADMEK_TEST_BOAT') === '1' ? LauncherServing::boat() : new OwnServing);
            register_shutdown_function(static function (): void {
                self::$shared?->end();
                array_map(self::remove(...), self::$prepared);
            });
        }
        self::$shared->putBack($prepared);

        return self::$shared;
    }

    private function putBack(string $prepared): void
    {
        self::remove($this->database);
        copy($prepared, $this->database);
        // As whoever serves it may write it.
        chown($this->database, (int) fileowner(dirname($this->database)) ?: posix_geteuid());
        if (! $this->served) {
            $this->serve();
        }
    }

    /** @param  list<string>  $command  artisan command that makes the database */
    private static function prepared(string $what, array $command): string
    {
        if (! isset(self::$prepared[$what])) {
            self::$prepared[$what] = self::temporary().'.sqlite';
            touch(self::$prepared[$what]);
            (new Process(
                [PHP_BINARY, 'artisan', ...$command], self::root(), ['ADMEK_DATABASE' => self::$prepared[$what]],
            ))->mustRun();
        }

        return self::$prepared[$what];
    }

    private static function remove(string $database): void
    {
        foreach (['', '-wal', '-shm'] as $suffix) {
            @unlink($database.$suffix);
        }
    }
}
