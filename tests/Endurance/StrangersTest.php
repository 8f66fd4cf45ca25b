<?php

declare(strict_types=1);

namespace Tests\Endurance;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Endurance\Support\Device;
use Tests\Endurance\Support\Says;
use Tests\Support\Running\LauncherServing;
use Tests\Support\Running\RunningApp;

/** What comes from who is not let in ends nothing, fills nothing, and is run by nobody. */
final class StrangersTest extends TestCase
{
    use Says;

    /** Bytes a stranger's body says it has, and how many of them come at once. */
    private const LENGTH = 500_000_000;

    private const AT_ONCE = 100;

    /** Bytes of a body of a stranger's that may be on the disk. */
    private const TAKEN = 64_000;

    /** More than any memory holds, less than nothing, twice, no number, and a line without an end. */
    private const ODD = [
        "POST /api/boat HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 99999999999999\r\n\r\nx",
        "POST /api/boat HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: -1\r\n\r\nx",
        "POST /api/boat HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 5\r\nContent-Length: 500000000\r\n\r\nx",
        "POST /api/boat HTTP/1.1\r\nHost: 127.0.0.1\r\nTransfer-Encoding: chunked\r\n\r\nffffffffffffffff\r\nx",
        "GET /api/boat HTTP/1.1\r\nHost: 127.0.0.1\r\nRange: bytes=0-,0-,0-,0-,0-,0-\r\nX: y",
        "\0\0\0\0\r\n\r\n",
    ];

    private const ODD_ONES = 600;

    private ?RunningApp $app = null;

    protected function tearDown(): void
    {
        $this->app?->end();
    }

    /** @return iterable<string, array{bool}> */
    public static function served(): iterable
    {
        yield 'in boat mode' => [true];
        yield 'for this machine alone' => [false];
    }

    #[DataProvider('served')]
    public function test_odd_requests_end_nothing(bool $boatMode): void
    {
        $boat = $boatMode ? LauncherServing::boat() : LauncherServing::own();
        $this->app = $app = RunningApp::alone($boat);
        $laptop = new Device($app);
        $parts = $boat->groups();
        $slowest = 0.0;
        for ($i = 0; $i < self::ODD_ONES; $i++) {
            $socket = $this->socket($app);
            fwrite($socket, self::ODD[$i % count(self::ODD)]);
            // Most go without waiting for an answer.
            $i % 50 === 0 && stream_set_timeout($socket, 1) && fread($socket, 1000);
            fclose($socket);
            if ($i % 20 === 0) {
                [$status, , $took] = $laptop->ask('GET', '/boat');
                self::assertSame(200, $status);
                $slowest = max($slowest, $took);
            }
        }
        sort($parts);
        $live = $boat->groups();
        sort($live);
        $this->say(sprintf(
            '%s: %d odd requests, nothing was started again; between them an answer took %.2f s at most',
            $boatMode ? 'boat mode' : 'this machine alone', self::ODD_ONES, $slowest,
        ));
        self::assertSame($parts, $live);
        self::assertStringNotContainsString('started again', $boat->said());
    }

    public function test_who_is_not_let_in_fills_no_disk(): void
    {
        $boat = LauncherServing::boat();
        $this->app = $app = RunningApp::alone($boat);
        $laptop = new Device($app);
        $host = RunningApp::BOAT.":{$app->port}";
        $sockets = [];
        foreach (['/api/everything', '/api/structures/file', '/api/chart', '/api/photographs', '/api/days/file'] as $path) {
            for ($i = 0; $i < self::AT_ONCE / 5; $i++) {
                $socket = $this->socket($app);
                stream_set_blocking($socket, false);
                fwrite($socket, "PUT {$path} HTTP/1.1\r\nHost: {$host}\r\nOrigin: http://{$host}\r\n"
                    ."Content-Type: application/octet-stream\r\nContent-Length: ".self::LENGTH."\r\n\r\n");
                $sockets[] = $socket;
            }
        }
        $part = str_repeat('x', 65_536);
        $most = 0;
        $sent = 0;
        for ($end = microtime(true) + 10.0; microtime(true) < $end;) {
            foreach ($sockets as $socket) {
                $sent += (int) @fwrite($socket, $part);
            }
            clearstatcache();
            $most = max([$most, ...array_map(static fn (string $file): int => (int) @filesize($file), $boat->passing())]);
            usleep(20_000);
        }
        $statuses = [];
        foreach ($sockets as $socket) {
            $line = (string) @fgets($socket);
            $statuses[substr($line, 9, 3)] = ($statuses[substr($line, 9, 3)] ?? 0) + 1;
            fclose($socket);
        }
        $this->say(sprintf(
            '%d strangers at once with %d MB each: answered %s; %.0f MB of theirs went out, %d bytes of one on the disk at most',
            self::AT_ONCE, self::LENGTH / 1e6, json_encode($statuses), $sent / 1e6, $most,
        ));
        self::assertLessThanOrEqual(self::TAKEN, $most);
        // Some addresses take no such length from anybody.
        self::assertSame([], array_diff(array_keys($statuses), [401, 413]));
        self::assertContains(401, array_keys($statuses));
        self::assertSame(200, $laptop->ask('GET', '/boat')[0]);
    }

    public function test_root_runs_nothing_that_who_serves_may_write(): void
    {
        if (posix_geteuid() !== 0) {
            self::markTestSkipped('Only root can give its rights up.');
        }
        $boat = LauncherServing::boat();
        $this->app = RunningApp::alone($boat);
        $serves = posix_getpwuid((int) fileowner("/proc/{$boat->launcher()}"));
        self::assertIsArray($serves);
        self::assertNotSame(0, $serves['uid']);
        $program = array_filter(
            ['admek', 'artisan', 'app', 'bootstrap', 'config', 'core', 'database', 'launcher', 'public', 'resources', 'routes',
                'stand-ins', 'vendor', 'storage/framework'],
            static fn (string $part): bool => file_exists(RunningApp::root()."/{$part}"),
        );
        exec(sprintf(
            'cd %s && setpriv --reuid %d --regid %d --clear-groups find %s ! -type l -writable',
            escapeshellarg(RunningApp::root()), $serves['uid'], $serves['gid'], implode(' ', $program),
        ), $writable);
        exec('find '.implode(' ', array_map(
            static fn (string $part): string => escapeshellarg(RunningApp::root()."/{$part}"), $program,
        )).' -type f | wc -l', $all);
        $this->say(sprintf('of %d files root may run %d can be written by who serves', (int) $all[0], count($writable)));
        self::assertGreaterThan(1000, (int) $all[0]);
        self::assertSame([], $writable);
    }

    /** @return resource */
    private function socket(RunningApp $app)
    {
        $socket = stream_socket_client('tcp://'.RunningApp::LAPTOP.":{$app->port}", timeout: 5.0);
        assert($socket !== false);

        return $socket;
    }
}
