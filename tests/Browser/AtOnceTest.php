<?php

declare(strict_types=1);

namespace Tests\Browser;

use CurlHandle;
use PDO;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Support\DemoRows;
use Tests\Support\Running\RunningApp;

/** Several devices at the same moment, against the running application and its four workers. */
#[Group('served')]
final class AtOnceTest extends TestCase
{
    private const ROUNDS = 12;

    private RunningApp $app;

    protected function setUp(): void
    {
        $this->app = RunningApp::withDemo();
    }

    public function test_the_same_bite_sent_four_times_at_once_is_kept_once(): void
    {
        $spread = $this->read('/spreads/{next}');
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $uuid = sprintf('018f0000-0000-7000-8000-%012d', $round);
            $tell = static fn (string $uuid): array => ['sent_at' => '2026-11-20T09:00:00Z', 'events' => [[
                'uuid' => $uuid, 'kind' => 'bite', 'at' => '2026-11-20T09:00:00Z', 'spread_id' => $spread['id'],
                'holder_id' => $spread['lines'][0]['holder_id'], 'speed' => $spread['speed'], 'lines' => $spread['lines'],
            ]]];
            $shouted = $tell(strtoupper($uuid));
            self::assertSame(
                [200, 200, 200, 200],
                $this->atOnce('POST', '/trips/{next}/events', [$tell($uuid), $shouted, $tell($uuid), $shouted]),
            );
        }

        self::assertSame(self::ROUNDS, (int) $this->asked("select count(*) from bites where uuid like '018f0000-%'"));
    }

    public function test_what_four_devices_change_of_one_thing_is_all_kept(): void
    {
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $aboard = [];
            foreach (['ice', 'one', 'two', 'three'] as $i => $item) {
                $aboard[] = ['aboard' => [$item => $round + $i]];
            }
            self::assertSame([200, 200, 200, 200], $this->atOnce('PUT', '/trips/{next}/stores', $aboard));
            $kept = json_decode((string) $this->asked('select stores from boats'), true);
            foreach ($aboard as ['aboard' => $one]) {
                self::assertEquals($one, array_intersect_key($kept, $one));
            }
            $signs = [
                ['clarity' => ['clear', 'stained'][$round % 2]], ['sky' => ['broken', 'clear'][$round % 2]],
                ['surface' => ['calm', 'rough'][$round % 2]], ['current_surface' => 0.1 * ($round + 1)],
            ];
            self::assertSame([200, 200, 200, 200], $this->atOnce('PUT', '/trips/{next}/water/signs', $signs));
            $kept = json_decode((string) $this->asked('select signs from trips where id = ?', $this->trip()), true);
            self::assertEquals(array_merge(...$signs), array_intersect_key($kept, array_merge(...$signs)));
        }
    }

    public function test_of_the_same_name_four_times_at_once_one_is_taken_and_the_others_are_told(): void
    {
        $spread = $this->read('/spreads/{next}');
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $ball = ['name' => "Borrowed {$round}", 'mass' => 6.8];
            $answers = $this->atOnce('POST', '/locker/balls', [$ball, $ball, $ball, $ball]);
            sort($answers);
            self::assertSame([201, 422, 422, 422], $answers);
            $template = ['name' => "Kept {$round}", 'speed' => 1.0, 'lines' => $spread['lines']];
            $answers = $this->atOnce('POST', '/templates', [$template, $template, $template, $template]);
            sort($answers);
            self::assertSame([201, 422, 422, 422], $answers);
        }
        $done = ['done' => true];
        $chore = rawurlencode($this->read('/trips/{next}/preparation')['timeline'][0]['key']);
        $answers = $this->atOnce('PUT', "/trips/{next}/chores/{$chore}", [$done, $done, $done, $done]);
        self::assertSame([200, 200, 200, 200], $answers);
    }

    public function test_one_code_typed_on_four_devices_at_once_lets_one_in(): void
    {
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $made = $this->sent('POST', '/pairing', ['role' => 'mate']);
            $try = ['code' => $made['code'], 'name' => "Device {$round}"];
            $answers = $this->atOnce('POST', '/aboard', [$try, $try, $try, $try]);
            sort($answers);
            self::assertSame(201, $answers[0]);
            self::assertSame([], array_diff(array_slice($answers, 1), [422, 429]));
            (new PDO("sqlite:{$this->app->database}"))->exec('delete from pairing_tries');
        }
        self::assertSame(self::ROUNDS, (int) $this->asked('select count(*) from devices'));
    }

    public function test_two_helms_that_save_one_spread_do_not_lose_each_other_s_unseen(): void
    {
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $spread = $this->read('/spreads/{next}');
            $saved = array_map(
                static fn (int $i): array => ['speed' => 1.0 + 0.01 * $i]
                    + array_intersect_key($spread, array_flip(['version', 'lines', 'school', 'setting_order'])),
                range(1, 4),
            );
            $answers = $this->atOnce('PUT', '/spreads/{next}', $saved);
            sort($answers);
            self::assertSame([200, 409, 409, 409], $answers);
        }
    }

    /**
     * @param  non-empty-string  $method
     * @param  array<string, mixed>  $body
     * @return array<string, mixed>
     */
    private function sent(string $method, string $path, array $body): array
    {
        return json_decode((string) file_get_contents($this->app->api($path), context: stream_context_create(['http' => [
            'method' => $method, 'content' => json_encode($body),
            'header' => ['Content-Type: application/json', "Origin: http://127.0.0.1:{$this->app->port}"],
        ]])), true);
    }

    /**
     * @param  non-empty-string  $method
     * @param  list<array<string, mixed>>  $bodies
     * @return list<int> status by body
     */
    private function atOnce(string $method, string $path, array $bodies): array
    {
        $multi = curl_multi_init();
        $handles = [];
        foreach ($bodies as $body) {
            $handle = curl_init($this->app->api($path));
            assert($handle instanceof CurlHandle);
            curl_setopt_array($handle, [
                CURLOPT_CUSTOMREQUEST => $method, CURLOPT_POSTFIELDS => (string) json_encode($body),
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_HTTPHEADER => ['Content-Type: application/json', "Origin: http://127.0.0.1:{$this->app->port}"],
            ]);
            curl_multi_add_handle($multi, $handle);
            $handles[] = $handle;
        }
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.05);
        } while ($running > 0);

        return array_map(static fn (CurlHandle $handle): int => (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), $handles);
    }

    /** @return array<string, mixed> */
    private function read(string $path): array
    {
        return json_decode((string) file_get_contents($this->app->api($path)), true);
    }

    private function trip(): int
    {
        return DemoRows::trip('next', $this->app->database);
    }

    private function asked(string $query, int ...$bound): mixed
    {
        $asked = (new PDO("sqlite:{$this->app->database}"))->prepare($query);
        $asked->execute($bound);

        return $asked->fetchColumn();
    }
}
