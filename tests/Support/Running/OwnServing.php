<?php

declare(strict_types=1);

namespace Tests\Support\Running;

use Symfony\Component\Process\Process;

/** By PHP's own server, as the launcher starts it. */
final class OwnServing implements Serving
{
    private readonly string $database;

    private readonly int $port;

    private ?Process $server = null;

    /** @var ?array<string, string> what it was last made ready with */
    private ?array $ready = null;

    public function __construct()
    {
        $this->database = RunningApp::temporary().'.sqlite';
        $this->port = RunningApp::freePort();
    }

    public function database(): string
    {
        return $this->database;
    }

    public function port(): int
    {
        return $this->port;
    }

    public function start(array $otherwise = []): void
    {
        if ($otherwise !== $this->ready) {
            // Kept from the time before, it would be taken as it is.
            @unlink("{$this->database}.config.php");
            $warm = [PHP_BINARY, 'artisan', 'admek:warm', "{$this->database}.classes.php"];
            (new Process($warm, RunningApp::root(), $otherwise + $this->environment()))->mustRun();
            $this->ready = $otherwise;
        }
        $this->server = new Process(
            [
                'setsid', PHP_BINARY, ...self::settings(), '-d', "opcache.preload={$this->database}.classes.php", '-d',
                'opcache.preload_user='.(posix_getpwuid(posix_geteuid())['name'] ?? ''), '-S',
                RunningApp::LAPTOP.":{$this->port}", '-t', 'public', 'public/router.php',
            ],
            RunningApp::root(), ['PHP_CLI_SERVER_WORKERS' => '4'] + $this->environment(), timeout: null,
        );
        $this->server->disableOutput();
        $this->server->start();
        Wait::until(fn (): bool => @fsockopen(RunningApp::LAPTOP, $this->port) !== false, "the server on port {$this->port}");
    }

    public function stop(): void
    {
        // PHP's server forks its workers: the whole group is ended, by its leader's id.
        foreach ($this->groups() as $group) {
            posix_kill(-$group, SIGKILL);
        }
        $this->server?->stop(2);
        $this->server = null;
        Wait::until(fn (): bool => @fsockopen(RunningApp::LAPTOP, $this->port) === false, 'the server to stop');
    }

    public function groups(): array
    {
        return array_filter([$this->server?->getPid()]);
    }

    public function end(): void
    {
        $this->stop();
        array_map(unlink(...), glob("{$this->database}*") ?: []);
    }

    /** @return list<string> as the launcher tells PHP to run */
    private static function settings(): array
    {
        $settings = (array) parse_ini_file(RunningApp::root().'/launcher/php-serving.ini');
        $told = ['-d', 'opcache.enable_cli=1'];
        foreach ($settings as $name => $value) {
            array_push($told, '-d', "{$name}={$value}");
        }

        return $told;
    }

    /** @return array<string, string> as the launcher serves a database, its configuration and routes cached beside it */
    private function environment(): array
    {
        return [
            'ADMEK_DATABASE' => $this->database,
            'ADMEK_KEPT' => "{$this->database}.kept",
            'ADMEK_LIVE' => "{$this->database}.live",
            'ADMEK_NAMES' => RunningApp::BOAT,
            'APP_CONFIG_CACHE' => "{$this->database}.config.php",
            'APP_ROUTES_CACHE' => "{$this->database}.routes.php",
        ];
    }
}
