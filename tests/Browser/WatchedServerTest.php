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
    public function test_a_request_that_ends_php_s_own_server_does_not_end_admek(): void
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
            self::assertStringContainsString("Admek is at http://127.0.0.1:{$port}", $admek->getOutput());
            // More than any memory holds is told of, and PHP's own server asks for that memory at once.
            self::ask($port, "POST /api/boat HTTP/1.1\r\nHost: 127.0.0.1:{$port}\r\nContent-Length: 8000000000000\r\n\r\nx");
            Wait::until(fn (): bool => str_contains($admek->getErrorOutput(), 'it was started again'), 'Admek to say so');
            Wait::until(fn (): bool => self::answers($port), 'Admek to answer again', Wait::A_START);
        } finally {
            $admek->stop(5, SIGTERM);
        }
        Wait::until(fn (): bool => ! self::answers($port), 'the server to end with its launcher');
        self::assertFalse(self::answers($port));
        array_map(unlink(...), glob("{$data}/*") ?: []);
        rmdir($data);
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
        $socket = stream_socket_client("tcp://127.0.0.1:{$port}");
        assert($socket !== false);
        fwrite($socket, $request);

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
