<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Support\Running\LauncherServing;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;

/** The launcher starts again what has died, says so, and leaves nothing running when it is ended. */
final class WatchedServerTest extends TestCase
{
    /** More than any memory holds is told of: PHP's own server asks for that memory at once, and dies of it. */
    private const ODD = "POST /api/boat HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 99999999999999\r\n\r\nx";

    public function test_the_first_command_serves_by_nginx_which_odd_requests_do_not_end(): void
    {
        $data = RunningApp::temporary();
        mkdir($data);
        $port = RunningApp::freePort();
        $admek = new Process(
            ['./admek', 'demo', '--port', (string) $port], RunningApp::root(), ['ADMEK_DATA' => $data], timeout: 120,
        );
        $admek->start();
        try {
            Wait::until(fn (): bool => self::answers($port), 'Admek to answer', Wait::A_START);
            Wait::until(
                static fn (): bool => str_contains($admek->getOutput(), "Admek is at http://127.0.0.1:{$port}"), 'it to say so',
            );
            for ($i = 0; $i < 10; $i++) {
                self::assertStringStartsWith('HTTP/1.1 413', self::ask($port, self::ODD));
            }
            self::assertTrue(self::answers($port));
            self::assertSame('', $admek->getErrorOutput(), 'nothing had to be started again');
        } finally {
            $admek->stop(5, SIGTERM);
        }
        Wait::until(fn (): bool => ! self::answers($port), 'the server to end with its launcher');
        array_map(unlink(...), glob("{$data}/*") ?: []);
        rmdir($data);
    }

    public function test_php_s_own_server_is_started_again_however_often_a_request_ends_it(): void
    {
        $own = LauncherServing::withoutNginx();
        $app = RunningApp::alone($own);
        try {
            for ($i = 1; $i <= 4; $i++) {
                for ($worker = 0; $worker < 5; $worker++) {
                    self::ask($app->port, self::ODD);
                }
                Wait::until(
                    static fn (): bool => substr_count($own->said(), 'it was started again') >= $i, 'Admek to say so',
                    Wait::A_START,
                );
                Wait::until(fn (): bool => self::answers($app->port), 'Admek to answer again', Wait::A_START);
            }
            self::assertTrue($own->runs());
        } finally {
            $app->end();
        }
        self::assertSame([], $own->groups());
    }

    public function test_told_to_stop_in_its_first_seconds_it_leaves_nothing_behind(): void
    {
        $own = LauncherServing::own();
        $app = RunningApp::alone($own);
        try {
            foreach ([0, 100, 300, 600, 1000, 1500] as $ms) {
                $own->stop();
                $own->begin();
                usleep(1000 * $ms);
                posix_kill($own->launcher(), SIGTERM);
                Wait::until(static fn (): bool => ! $own->runs(), 'the launcher to end');
                Wait::until(static fn (): bool => $own->groups() === [], 'all it had begun to end');
                self::assertSame('', $own->said(), "{$ms} ms after its start");
                self::assertSame('', $own->made());
            }
            $own->start();
            self::assertTrue(self::answers($app->port));
        } finally {
            $app->end();
        }
    }

    public function test_boat_mode_starts_again_what_was_killed_and_a_new_launcher_takes_over_from_one_that_was(): void
    {
        $boat = LauncherServing::boat();
        $app = RunningApp::alone($boat);
        try {
            foreach ($boat->groups() as $i => $group) {
                posix_kill($group, SIGKILL);
                Wait::until(
                    fn (): bool => substr_count($boat->said(), 'it was started again') > $i, 'the launcher to say so',
                );
                Wait::until(fn (): bool => self::answers($app->port), 'Admek to answer again', Wait::A_START);
            }
            self::assertSame(2, $i ?? 0, 'nginx, PHP-FPM and the hub');
            $before = $boat->groups();
            posix_kill($boat->launcher(), SIGKILL);
            Wait::until(fn (): bool => ! $boat->runs(), 'the launcher to be gone');
            self::assertTrue(self::answers($app->port), 'what it had started goes on');
            $app->serve();
            self::assertSame([], array_intersect($before, $boat->groups()), 'and is ended by the next');
            self::assertTrue(self::answers($app->port));
        } finally {
            $app->end();
        }
        self::assertSame([], $boat->groups());
    }

    private static function ask(int $port, string $request): string
    {
        $socket = @stream_socket_client("tcp://127.0.0.1:{$port}");
        // A server that is being started again takes nothing.
        if ($socket === false) {
            return '';
        }
        fwrite($socket, $request);
        stream_set_timeout($socket, 15);

        return (string) stream_get_contents($socket);
    }

    private static function answers(int $port): bool
    {
        $boat = @file_get_contents(
            "http://127.0.0.1:{$port}/api/boat", false, stream_context_create(['http' => ['timeout' => 5]]),
        );

        return $boat !== false && str_contains($boat, 'Second Lamp');
    }
}
