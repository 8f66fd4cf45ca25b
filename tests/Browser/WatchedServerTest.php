<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Browser\Support\RunningApp;
use Tests\Browser\Support\Wait;

/** The launcher starts again what has died, says so, and leaves nothing running when it is ended. */
final class WatchedServerTest extends TestCase
{
    private string $data;

    private int $port;

    private Process $admek;

    protected function setUp(): void
    {
        $this->data = sys_get_temp_dir().'/admek-watched-'.bin2hex(random_bytes(6));
        mkdir($this->data);
        $this->port = RunningApp::freePort();
        $this->admek = new Process(
            ['./admek', 'demo', '--port', (string) $this->port], dirname(__DIR__, 2), ['ADMEK_DATA' => $this->data], timeout: 120,
        );
        $this->admek->start();
        Wait::until($this->answers(...), 'Admek to answer');
    }

    protected function tearDown(): void
    {
        $this->admek->stop(5, SIGTERM);
        array_map(unlink(...), glob("{$this->data}/*") ?: []);
        rmdir($this->data);
    }

    public function test_a_request_that_ends_the_server_does_not_end_admek(): void
    {
        self::assertStringContainsString("Admek is at http://127.0.0.1:{$this->port}", $this->admek->getOutput());
        // More than any memory holds is told of, and PHP's own server asks for that memory at once.
        $socket = stream_socket_client("tcp://127.0.0.1:{$this->port}");
        assert($socket !== false);
        fwrite($socket, "POST /api/boat HTTP/1.1\r\nHost: 127.0.0.1:{$this->port}\r\nContent-Length: 8000000000000\r\n\r\nx");
        stream_get_contents($socket);
        Wait::until(fn (): bool => str_contains($this->admek->getErrorOutput(), 'it was started again'), 'Admek to say so');
        Wait::until($this->answers(...), 'Admek to answer again');

        $this->admek->stop(5, SIGTERM);
        Wait::until(fn (): bool => ! $this->answers(), 'the server to end with its launcher');
        self::assertFalse($this->answers());
    }

    private function answers(): bool
    {
        $boat = @file_get_contents(
            "http://127.0.0.1:{$this->port}/api/boat", false, stream_context_create(['http' => ['timeout' => 5]]),
        );

        return $boat !== false && str_contains($boat, 'Second Lamp');
    }
}
