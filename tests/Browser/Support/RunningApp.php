<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\Support\DemoRows;

/**
 * Admek itself on a port of its own, with a database of its own: one for a whole run, its database put back to what was
 * prepared each time it is asked for.
 */
final class RunningApp
{
    private static ?self $shared = null;

    /** @var array<string, string> database files made once, by what is in them */
    private static array $prepared = [];

    private ?Process $server = null;

    private function __construct(public readonly string $database, public readonly int $port)
    {
    }

    public static function withDemo(): self
    {
        return self::on('demo', ['admek:demo']);
    }

    public static function empty(): self
    {
        return self::on('empty', ['migrate', '--force']);
    }

    public function url(string $path = '/'): string
    {
        return "http://127.0.0.1:{$this->port}/#".DemoRows::in($path, $this->database);
    }

    public function api(string $path): string
    {
        return "http://127.0.0.1:{$this->port}/api".DemoRows::in($path, $this->database);
    }

    /** Starts the server (again) and returns once it answers. */
    public function serve(): void
    {
        $this->server = new Process(
            [
                'setsid',
                PHP_BINARY,
                '-d',
                'opcache.enable_cli=1',
                '-d',
                'opcache.jit=tracing',
                '-d',
                'opcache.jit_buffer_size=64M',
                '-d',
                "opcache.preload={$this->database}.classes.php",
                '-d',
                'opcache.preload_user='.(posix_getpwuid(posix_geteuid())['name'] ?? ''),
                '-S',
                "127.0.0.1:{$this->port}",
                '-t',
                'public',
                'public/router.php',
            ],
            self::root(), ['PHP_CLI_SERVER_WORKERS' => '4'] + self::environment($this->database), timeout: null,
        );
        $this->server->disableOutput();
        $this->server->start();
        Wait::until(fn (): bool => @fsockopen('127.0.0.1', $this->port) !== false, "the server on port {$this->port}");
    }

    public function stopServing(): void
    {
        // PHP's server forks its workers: the whole group is ended, by its leader's id.
        $leader = $this->server?->getPid();
        if ($leader !== null) {
            posix_kill(-$leader, SIGKILL);
        }
        $this->server?->stop(2);
        $this->server = null;
        Wait::until(fn (): bool => @fsockopen('127.0.0.1', $this->port) === false, 'the server to stop');
    }

    /** Milliseconds of processor the server and its workers have used, as /proc tells it in hundredths of a second. */
    public function processorTime(): float
    {
        $ticks = 0;
        foreach (glob('/proc/[0-9]*/stat') ?: [] as $file) {
            $stat = (string) @file_get_contents($file);
            $fields = explode(' ', substr($stat, (int) strrpos($stat, ')') + 2));
            if (count($fields) > 12 && (int) $fields[2] === $this->server?->getPid()) {
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

    /** @param  list<string>  $command artisan command that makes the database */
    private static function on(string $what, array $command): self
    {
        $prepared = self::$prepared[$what] ??= self::made($command);
        if (self::$shared === null) {
            self::$shared = new self(self::temporary(), self::freePort());
            register_shutdown_function(static fn () => self::$shared?->end());
        }
        self::$shared->putBack($prepared);

        return self::$shared;
    }

    private function putBack(string $prepared): void
    {
        self::remove($this->database);
        copy($prepared, $this->database);
        if ($this->server === null) {
            $warm = [PHP_BINARY, 'artisan', 'admek:warm', "{$this->database}.classes.php"];
            (new Process($warm, self::root(), self::environment($this->database)))->mustRun();
            $this->serve();
        }
    }

    private function end(): void
    {
        $this->stopServing();
        array_map(self::remove(...), [$this->database, ...array_values(self::$prepared)]);
        array_map(unlink(...), glob("{$this->database}.*") ?: []);
    }

    /** @param  list<string>  $command */
    private static function made(array $command): string
    {
        $file = self::temporary();
        touch($file);
        (new Process([PHP_BINARY, 'artisan', ...$command], self::root(), ['ADMEK_DATABASE' => $file]))->mustRun();

        return $file;
    }

    /** @return array<string, string> as the launcher serves a database, its configuration and routes cached beside it */
    private static function environment(string $database): array
    {
        return [
            'ADMEK_DATABASE' => $database,
            'ADMEK_DOUBTS' => "{$database}.doubts",
            'APP_CONFIG_CACHE' => "{$database}.config.php",
            'APP_ROUTES_CACHE' => "{$database}.routes.php",
        ];
    }

    private static function temporary(): string
    {
        return sys_get_temp_dir().'/admek-browser-'.bin2hex(random_bytes(6)).'.sqlite';
    }

    private static function remove(string $database): void
    {
        foreach (['', '-wal', '-shm'] as $suffix) {
            @unlink($database.$suffix);
        }
    }

    private static function root(): string
    {
        return dirname(__DIR__, 3);
    }
}
