<?php

declare(strict_types=1);

namespace Tests\Browser;

use CurlHandle;
use PHPUnit\Framework\TestCase;
use Tests\Support\Running\LauncherServing;
use Tests\Support\Running\RunningApp;

/** What boat mode alone promises: bodies bounded before PHP, slow clients harmless, little power, TLS. */
final class BoatModeTest extends TestCase
{
    /** Stands for the boat's network: on it TLS is spoken, while the laptop speaks plainly to itself. */
    private const NETWORK = '127.0.0.2';

    private static ?RunningApp $app = null;

    private static LauncherServing $boat;

    public static function tearDownAfterClass(): void
    {
        self::$app?->end();
        self::$app = null;
    }

    protected function setUp(): void
    {
        // Shared by a whole class where that is run as one.
        if (self::$app === null) {
            self::$boat = LauncherServing::boat('--tls', '--host', self::NETWORK);
            self::$app = RunningApp::alone(self::$boat);
        }
    }

    public function test_a_body_too_large_for_its_address_is_refused_before_any_of_it_is_read(): void
    {
        foreach ([
            'POST /api/trips' => [262_145, '256 kB'], 'PUT /api/chart' => [8_000_001, '8 MB'],
            'PUT /api/structures/file' => [200_000_001, '200 MB'], 'POST /api/boat' => [8_000_000_000_000, '256 kB'],
        ] as $what => [$length, $most]) {
            $answer = $this->ask("{$what} HTTP/1.1", "Content-Type: application/json\r\nContent-Length: {$length}", 'x');
            self::assertStringStartsWith('HTTP/1.1 413', $answer, $what);
            self::assertStringContainsString("must be at most {$most}.", $answer, $what);
        }
    }

    public function test_who_may_not_send_a_file_is_turned_away_before_any_of_it_is_taken(): void
    {
        $whole = static fn (string $path, int $length): array => [
            "PUT {$path} HTTP/1.1", "Content-Type: application/octet-stream\r\nContent-Length: {$length}",
            str_repeat('x', 20_000),
        ];
        $chunks = ['PUT /api/everything HTTP/1.1', 'Transfer-Encoding: chunked', "4e20\r\n".str_repeat('x', 20_000)];
        $other = ['POST /api/trips HTTP/1.1', "Content-Type: application/json\r\nContent-Length: 200000", '{'];
        foreach ([
            'nobody' => [401, $whole('/api/everything', 400_000_000)], 'nobody, told otherwise' => [401, $chunks],
            'nobody, to no file' => [401, $other], 'a mate' => [403, $whole('/api/everything', 400_000_000)],
            'a guest' => [403, $whole('/api/photographs?bite=x', 900_000)],
        ] as $who => [$status, $request]) {
            $answer = $this->asPhone($who, ...$request);
            self::assertStringStartsWith("HTTP/1.1 {$status}", $answer, $who);
            self::assertIsArray(json_decode(substr($answer, (int) strpos($answer, "\r\n\r\n") + 4), true), $answer);
        }
        self::assertSame([], self::$boat->passing(), 'nothing of it is on the disk');
        // A mate may send a photograph: it is taken, and then found to be none.
        $headers = "Content-Type: image/jpeg\r\nContent-Length: 3";
        $answer = $this->asPhone('a mate', 'PUT /api/photographs?bite=x HTTP/1.1', $headers, 'xyz');
        self::assertStringStartsWith('HTTP/1.1 4', $answer);
        self::assertStringNotContainsString('HTTP/1.1 401', $answer);
        self::assertStringNotContainsString('HTTP/1.1 403', $answer);
    }

    public function test_what_no_program_would_send_is_answered_in_json_too(): void
    {
        foreach ([
            'GARBAGE' => 400, 'GET /api/trips/%00 HTTP/1.1' => 400, 'GET /../../admek HTTP/1.1' => 400,
            'GET /build/nothing.js HTTP/1.1' => 404, 'DELETE /build/nothing.js HTTP/1.1' => 405,
            'GET /api/'.str_repeat('a', 40_000).' HTTP/1.1' => 414,
        ] as $line => $status) {
            $answer = $this->ask($line);
            self::assertStringStartsWith("HTTP/1.1 {$status}", $answer, substr($line, 0, 60));
            self::assertIsArray(json_decode(substr($answer, (int) strpos($answer, "\r\n\r\n") + 4), true), $answer);
            self::assertStringContainsString("X-Content-Type-Options: nosniff\r\n", $answer);
            self::assertStringNotContainsStringIgnoringCase('X-Powered-By', $answer);
        }
    }

    public function test_clients_that_never_finish_hold_nobody_up(): void
    {
        $slow = [];
        for ($i = 0; $i < 60; $i++) {
            $slow[$i] = $this->socket();
            fwrite($slow[$i], "POST /api/trips HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n"
                ."Origin: http://127.0.0.1\r\nContent-Length: 1000\r\n\r\n{");
        }
        // Twelve times as many as there are workers wait for the rest of a body, and none of them has a worker.
        for ($i = 0; $i < 5; $i++) {
            self::assertStringStartsWith('HTTP/1.1 200', $this->ask('GET /api/boat HTTP/1.1'));
        }
        self::assertCount(60, $slow);
    }

    public function test_what_answers_the_network_may_write_the_data_and_nothing_of_the_program(): void
    {
        if (posix_geteuid() !== 0) {
            self::markTestSkipped('Only root can give its rights up.');
        }
        $all = [self::$boat->launcher(), ...self::$boat->groups(), ...self::$boat->workers()];
        self::assertGreaterThan(8, count($all));
        foreach ($all as $process) {
            self::assertNotSame(0, fileowner("/proc/{$process}"), (string) file_get_contents("/proc/{$process}/cmdline"));
        }
        $folder = dirname((string) self::$app?->database);
        self::assertSame(0o700, fileperms($folder) & 0o777);
        self::assertSame(0o700, fileperms(self::$boat->made()) & 0o777, 'what cookies are sealed with is read there too');
        self::assertSame(0, fileowner(RunningApp::root().'/public/index.php'));
        self::assertNotSame(0, fileowner($folder));
        // Nothing that root's own commands run could have been written by it.
        foreach (['bootstrap/cache', 'storage/framework'] as $caches) {
            exec('find '.escapeshellarg(RunningApp::root()."/{$caches}").' -not -user root', $others);
            self::assertSame([], $others, $caches);
        }
    }

    public function test_other_devices_are_served_by_tls_which_the_boat_s_certificate_vouches_for(): void
    {
        $tls = dirname((string) self::$app?->database).'/tls';
        $read = (array) openssl_x509_parse((string) file_get_contents("{$tls}/boat.crt"));
        $names = (string) ($read['extensions']['subjectAltName'] ?? '');
        self::assertStringContainsString('DNS:'.RunningApp::BOAT, $names);
        self::assertLessThanOrEqual(398 * 86_400, (int) $read['validTo_time_t'] - (int) $read['validFrom_time_t']);
        self::assertGreaterThan(300 * 86_400, (int) $read['validTo_time_t'] - time());
        exec('openssl verify -CAfile '.escapeshellarg("{$tls}/ca.crt").' '.escapeshellarg("{$tls}/boat.crt"), $said, $failed);
        self::assertSame(0, $failed, implode("\n", $said));
        self::assertSame(0o600, fileperms("{$tls}/ca.key") & 0o777);
    }

    public function test_a_device_that_trusts_it_is_answered_and_one_that_asks_plainly_is_shown_how_to(): void
    {
        $tls = dirname((string) self::$app?->database).'/tls';
        [$status, $said] = $this->fetch('https', "{$tls}/ca.crt", '/api/boat');
        self::assertSame([401, 'Not let in'], [$status, json_decode($said, true)['title'] ?? $said]);
        [, $certificate] = $this->fetch('http', null, '/boat.crt');
        self::assertStringEqualsFile("{$tls}/ca.crt", $certificate);
        foreach (['/', '/api/boat'] as $path) {
            [, $page] = $this->fetch('http', null, $path);
            self::assertStringContainsString('Trust this boat, once', $page);
            self::assertStringNotContainsString('Second Lamp', $page);
        }
        self::assertSame(0, $this->fetch('https', '/etc/ssl/certs/ca-certificates.crt', '/')[0]);
    }

    public function test_the_boat_s_authority_vouches_for_nothing_on_the_internet(): void
    {
        $tls = dirname((string) self::$app?->database).'/tls';
        $at = RunningApp::temporary();
        mkdir($at);
        foreach (['DNS:elsewhere.example' => 'permitted subtree violation', 'IP:203.0.113.9' => 'permitted subtree violation',
            'DNS:'.RunningApp::BOAT => 'OK'] as $name => $verdict) {
            file_put_contents("{$at}/ext", "subjectAltName = {$name}\n");
            $key = 'openssl req -new -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -subj /CN=x';
            exec("{$key} -keyout {$at}/key -out {$at}/csr 2>/dev/null");
            $sign = "openssl x509 -req -days 1 -CA {$tls}/ca.crt -CAkey {$tls}/ca.key";
            exec("{$sign} -in {$at}/csr -out {$at}/crt -extfile {$at}/ext 2>/dev/null");
            $said = (string) shell_exec("openssl verify -CAfile {$tls}/ca.crt {$at}/crt 2>&1");
            self::assertStringContainsString($verdict, $said, $name);
        }
        array_map(unlink(...), glob("{$at}/*") ?: []);
        rmdir($at);
    }

    /**
     * @param  ?non-empty-string  $trusted
     * @return array{int, string} status, body
     */
    private function fetch(string $scheme, ?string $trusted, string $path): array
    {
        $port = self::$app?->port;
        $asked = curl_init("{$scheme}://".RunningApp::BOAT.":{$port}{$path}");
        assert($asked instanceof CurlHandle);
        curl_setopt_array($asked, [
            CURLOPT_RESOLVE => [RunningApp::BOAT.":{$port}:".self::NETWORK], CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => 15,
        ] + ($trusted === null ? [] : [CURLOPT_CAINFO => $trusted]));
        $body = curl_exec($asked);

        return [(int) curl_getinfo($asked, CURLINFO_RESPONSE_CODE), (string) $body];
    }

    /** By a name of the boat's, as one who was let in as what is told, or who was not. */
    private function asPhone(string $who, string $line, string $headers, string $body): string
    {
        $host = RunningApp::BOAT.':'.self::$app?->port;
        $role = ['a mate' => 'mate', 'a guest' => 'guest'][$who] ?? null;
        $cookie = $role === null ? '' : "\r\nCookie: {$this->letIn($role, $host)}";
        $socket = $this->socket();
        $own = "Host: {$host}\r\nOrigin: http://{$host}\r\nConnection: close";
        fwrite($socket, "{$line}\r\n{$own}\r\n{$headers}{$cookie}\r\n\r\n{$body}");
        stream_set_timeout($socket, 5);

        return (string) stream_get_contents($socket);
    }

    /** @return string its cookies */
    private function letIn(string $role, string $host): string
    {
        $own = '127.0.0.1:'.self::$app?->port;
        $send = static function (string $path, string $body, string $host): array {
            $answer = file_get_contents('http://127.0.0.1:'.self::$app?->port.$path, context: stream_context_create(['http' => [
                'method' => 'POST', 'content' => $body,
                'header' => ["Host: {$host}", "Origin: http://{$host}", 'Content-Type: application/json'],
            ]]));

            return [json_decode((string) $answer, true), $http_response_header];
        };
        $code = $send('/api/pairing', (string) json_encode(['role' => $role]), $own)[0]['code'];
        $headers = $send('/api/aboard', (string) json_encode(['code' => $code, 'name' => "A {$role}’s"]), $host)[1];
        preg_match_all('/^Set-Cookie: ([^;]+);(?!.*Max-Age=0)/im', implode("\n", $headers), $cookies);

        return implode('; ', $cookies[1]);
    }

    private function ask(string $line, string $headers = '', string $body = ''): string
    {
        $socket = $this->socket();
        $host = 'Host: 127.0.0.1:'.self::$app?->port;
        fwrite($socket, implode("\r\n", array_filter([$line, $host, 'Connection: close', $headers]))."\r\n\r\n{$body}");
        stream_set_timeout($socket, 15);

        return (string) stream_get_contents($socket);
    }

    /** @return resource */
    private function socket()
    {
        $socket = stream_socket_client('tcp://127.0.0.1:'.self::$app?->port);
        assert($socket !== false);

        return $socket;
    }
}
