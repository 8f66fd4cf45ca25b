<?php

declare(strict_types=1);

namespace Tests\Endurance;

use PHPUnit\Framework\TestCase;
use Tests\Endurance\Support\Device;
use Tests\Support\DemoRows;
use Tests\Support\Running\LauncherServing;
use Tests\Support\Running\RunningApp;

/**
 * Sixteen devices at once for five minutes, each asking something a third of a second after it was last answered, on the whole:
 * reading, logging bites, ticking stores and chores, saving and previewing the spread. LOAD_SECONDS in the environment asks for
 * another time. One in fifty logs a bite: over a hundred in five minutes, more than a day brings.
 */
final class ManyDevicesTest extends TestCase
{
    /** s one device waits between its requests, on the whole. */
    private const PAUSE = 0.33;

    private const ROLES = [
        'laptop', 'captain', 'captain', 'mate', 'mate', 'mate', 'mate', 'mate', 'guest', 'guest', 'guest', 'guest',
        'guest', 'guest', 'mate', 'captain',
    ];

    public function test_sixteen_devices_are_all_answered_in_time(): void
    {
        $app = RunningApp::alone(LauncherServing::boat());
        try {
            $spread = DemoRows::spread('next', $app->database);
            $trip = DemoRows::trip('next', $app->database);
            $devices = array_map(static fn (string $role): Device => new Device($app, $role), self::ROLES);
            $plan = json_decode($devices[0]->ask('GET', "/spreads/{$spread}")[1], true);
            mt_srand(20261127);
            $multi = curl_multi_init();
            $next = array_map(static fn (): float => microtime(true) + mt_rand(0, 1000) / 1000, $devices);
            $asked = $times = $byKind = $wrong = [];
            $sent = 0;
            $end = microtime(true) + (float) (getenv('LOAD_SECONDS') ?: 300);
            while (microtime(true) < $end || $asked !== []) {
                foreach ($next as $i => $at) {
                    if (! isset($asked[$i]) && microtime(true) >= $at && microtime(true) < $end) {
                        [$method, $path, $body] = $this->something(self::ROLES[$i], $spread, $trip, $plan, $sent++);
                        $handle = $devices[$i]->prepare($method, $path, $body === null ? null : (string) json_encode($body));
                        $asked[$i] = "{$method} {$path}";
                        curl_multi_add_handle($multi, $handle);
                    }
                }
                curl_multi_exec($multi, $running);
                curl_multi_select($multi, 0.005);
                while (($done = curl_multi_info_read($multi)) !== false) {
                    $handle = $done['handle'];
                    $i = (int) current(array_keys(array_filter(
                        $devices, static fn (Device $device): bool => $device->is($handle),
                    )));
                    $status = (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
                    $times[] = $took = (float) curl_getinfo($handle, CURLINFO_TOTAL_TIME);
                    $byKind[(string) preg_replace('/\d+/', '#', $asked[$i] ?? '')][] = $took;
                    // Two who save one spread: the second is told, and that is no error.
                    if (($status < 200 || $status >= 300) && $status !== 409) {
                        $wrong[] = self::ROLES[$i].' '.($asked[$i] ?? '').": {$status} ".curl_multi_getcontent($handle);
                    }
                    curl_multi_remove_handle($multi, $handle);
                    unset($asked[$i]);
                    $next[$i] = microtime(true) + self::PAUSE * 2 * mt_rand(0, 1000) / 1000;
                }
            }
            self::assertSame([], array_slice($wrong, 0, 5));
            sort($times);
            $p95 = $times[(int) (0.95 * count($times))];
            fwrite(STDERR, sprintf(
                "\n16 devices: %d requests, %d errors, p50 %.0f ms, p95 %.0f ms, longest %.0f ms\n",
                count($times), count($wrong), 1000 * $times[intdiv(count($times), 2)], 1000 * $p95, 1000 * end($times),
            ));
            foreach ($byKind as $kind => $took) {
                sort($took);
                fwrite(STDERR, sprintf(
                    "  %4d %-28s p50 %4.0f ms, p95 %4.0f ms\n", count($took), $kind, 1000 * $took[intdiv(count($took), 2)],
                    1000 * $took[(int) (0.95 * count($took))],
                ));
            }
            self::assertLessThanOrEqual(0.150, $p95);
        } finally {
            $app->end();
        }
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return array{string, string, ?array<string, mixed>}
     */
    private function something(string $role, int $spread, int $trip, array $plan, int $number): array
    {
        $lines = ['speed' => $plan['speed'], 'lines' => $plan['lines']];
        $reads = [
            '/boat', '/trips', "/trips/{$trip}", "/trips/{$trip}/bites", "/trips/{$trip}/day",
            "/trips/{$trip}/watch", "/spreads/{$spread}", "/spreads/{$spread}/deck-card"];
        $read = ['GET', $reads[mt_rand(0, count($reads) - 1)], null];
        if ($role === 'guest') {
            return $read;
        }

        $speed = 1.0 + ($number % 10) / 50;

        return match (mt_rand(0, 49)) {
            0 => ['POST', "/trips/{$trip}/events", ['sent_at' => gmdate('Y-m-d\TH:i:s\Z'), 'events' => [[
                'uuid' => sprintf('018f0000-0000-7000-8000-%012d', $number), 'kind' => 'bite', 'spread_id' => $spread,
                'at' => '2026-11-20T09:00:00Z', 'holder_id' => $plan['lines'][0]['holder_id'],
            ] + $lines]]],
            1, 2, 3, 4, 5 => ['PUT', "/trips/{$trip}/stores", ['aboard' => ['ice' => $number % 20]]],
            6, 7, 8, 9, 10 => ['PUT', "/trips/{$trip}/chores/ice", ['done' => $number % 2 === 0]],
            11, 12, 13, 14, 15, 16, 17, 18, 19, 20 => [
                'POST', "/spreads/{$spread}/preview", ['what_if' => ['speed' => $speed]] + $lines,
            ],
            21, 22, 23, 24, 25 => ['GET', "/trips/{$trip}/preparation", null],
            26, 27, 28, 29, 30 => ['PUT', "/spreads/{$spread}", ['version' => $plan['version'], 'speed' => $speed]
                + array_intersect_key($plan, array_flip(['lines', 'school', 'setting_order']))],
            default => $read,
        };
    }
}
