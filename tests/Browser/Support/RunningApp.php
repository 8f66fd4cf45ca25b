<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;
use Symfony\Component\Process\Process;

/** Admek itself on a port of its own, with a database of its own. */
final class RunningApp
{
    private ?Process $server = null;

    private function __construct(public readonly string $database, public readonly int $port)
    {
    }

    public static function withDemo(): self
    {
        return self::start(['admek:demo']);
    }

    public static function empty(): self
    {
        return self::start(['migrate', '--force']);
    }

    public function url(string $path = '/'): string
    {
        return "http://127.0.0.1:{$this->port}/#{$path}";
    }

    /** Starts the server (again) and returns once it answers. */
    public function serve(): void
    {
        $root = dirname(__DIR__, 3);
        $this->server = new Process(
            ['setsid', PHP_BINARY, '-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=64M', '-S', "127.0.0.1:{$this->port}", '-t', 'public', 'public/router.php'],
            $root, ['ADMEK_DATABASE' => $this->database, 'PHP_CLI_SERVER_WORKERS' => '4'], timeout: null,
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
        Wait::until(fn (): bool => @fsockopen('127.0.0.1', $this->port) === false, 'the server to stop');
    }

    public function end(): void
    {
        $this->stopServing();
        foreach (['', '-wal', '-shm'] as $suffix) {
            @unlink($this->database.$suffix);
        }
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No free port');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    /** @param  list<string>  $command artisan command that makes the database */
    private static function start(array $command): self
    {
        $app = new self(sys_get_temp_dir().'/admek-browser-'.bin2hex(random_bytes(6)).'.sqlite', self::freePort());
        touch($app->database);
        (new Process([PHP_BINARY, 'artisan', ...$command], dirname(__DIR__, 3), ['ADMEK_DATABASE' => $app->database]))->mustRun();
        $app->serve();

        return $app;
    }
}
