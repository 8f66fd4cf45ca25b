<?php

declare(strict_types=1);

namespace Tests\Endurance\Support;

use CurlHandle;
use PDO;
use RuntimeException;
use Tests\Support\Running\RunningApp;

/** One device over HTTP: the laptop, or a phone by a name of the boat's, with the cookies it was given. */
final class Device
{
    private readonly string $page;

    private CurlHandle $curl;

    public function __construct(private readonly RunningApp $app, public readonly string $role = 'laptop')
    {
        $this->page = 'http://'.($role === 'laptop' ? RunningApp::LAPTOP : RunningApp::BOAT).":{$app->port}";
        $this->curl = $this->handle();
        if (! in_array($role, ['laptop', 'nobody'], true)) {
            $this->comeAboard();
        }
    }

    /** Lets it in (again), as the laptop lets others in. */
    public function comeAboard(): void
    {
        // Wrong codes others have tried must not hold it off.
        (new PDO("sqlite:{$this->app->database}"))->exec('delete from pairing_tries');
        $laptop = new self($this->app);
        $code = json_decode($laptop->ask('POST', '/pairing', (string) json_encode(['role' => $this->role]))[1], true)['code'];
        [$status] = $this->ask('POST', '/aboard', (string) json_encode(['code' => $code, 'name' => "A {$this->role}’s"]));
        $status === 201 || throw new RuntimeException("Not let in as {$this->role}: {$status}");
    }

    /** @return array{int, string, float} status, body, s */
    public function ask(string $method, string $path, ?string $body = null, string $type = 'application/json'): array
    {
        $this->prepare($method, $path, $body, $type);
        $answer = (string) curl_exec($this->curl);

        return [
            (int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE), $answer,
            (float) curl_getinfo($this->curl, CURLINFO_TOTAL_TIME),
        ];
    }

    /** Ready to be sent among others. */
    public function prepare(string $method, string $path, ?string $body = null, string $type = 'application/json'): CurlHandle
    {
        curl_setopt_array($this->curl, [
            CURLOPT_URL => 'http://'.RunningApp::LAPTOP.":{$this->app->port}/api{$path}",
            CURLOPT_CUSTOMREQUEST => $method === '' ? 'GET' : $method,
            CURLOPT_HTTPHEADER => [
                'Host: '.substr($this->page, 7), "Origin: {$this->page}", 'Accept: application/json',
                $type === '' ? 'Content-Type:' : "Content-Type: {$type}", 'Expect:',
            ],
            CURLOPT_POSTFIELDS => $body ?? '',
        ]);
        if ($body === null) {
            curl_setopt($this->curl, CURLOPT_POST, false);
            curl_setopt($this->curl, CURLOPT_HTTPGET, true);
            curl_setopt($this->curl, CURLOPT_CUSTOMREQUEST, $method === '' ? 'GET' : $method);
        }

        return $this->curl;
    }

    /**
     * What is sent as a file, however long it is.
     *
     * @return array{int, float} status, s
     */
    public function receive(string $path, string $file): array
    {
        $handle = curl_copy_handle($this->prepare('GET', $path));
        assert($handle instanceof CurlHandle);
        $to = fopen($file, 'wb');
        assert($to !== false);
        curl_setopt_array($handle, [CURLOPT_TIMEOUT => 900, CURLOPT_FILE => $to]);
        curl_exec($handle);
        fclose($to);

        return [(int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), (float) curl_getinfo($handle, CURLINFO_TOTAL_TIME)];
    }

    public function is(CurlHandle $handle): bool
    {
        return $handle === $this->curl;
    }

    private function handle(): CurlHandle
    {
        $curl = curl_init();
        assert($curl instanceof CurlHandle);
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 30, CURLOPT_COOKIEFILE => '', CURLOPT_PATH_AS_IS => true,
        ]);

        return $curl;
    }
}
