<?php

declare(strict_types=1);

namespace Tests\Endurance;

use CurlHandle;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Endurance\Support\Device;
use Tests\Endurance\Support\Says;
use Tests\Support\DemoRows;
use Tests\Support\Running\LauncherServing;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;

/**
 * Sixteen phones on Watch for a minute while she sails with twelve lines out: each looks every second as its page does, with what
 * it knows and the stamp it was given, and asks every fifteen what is to be changed.
 */
final class WatchersTest extends TestCase
{
    use Says;

    private const PHONES = ['captain', 'mate', 'mate', 'mate', ...self::GUESTS];

    private const GUESTS = [
        'guest', 'guest', 'guest', 'guest', 'guest', 'guest', 'guest', 'guest', 'guest', 'guest', 'guest', 'guest',
    ];

    /** s. */
    private const CHANGES_EVERY = 15.0;

    private const WHILE = 60.0;

    /** Of a core, beside what is done where nobody looks. */
    private const SHARE = 0.12;

    /** s. */
    private const P95 = 0.100;

    public function test_sixteen_phones_on_watch_take_an_eighth_of_a_core(): void
    {
        $app = RunningApp::alone(LauncherServing::boat());
        $sea = null;
        try {
            $trip = DemoRows::trip('next', $app->database);
            $laptop = new Device($app);
            $sea = $this->sails($laptop);
            $this->setAll($laptop, $trip, DemoRows::spread('next', $app->database));
            $phones = array_map(static fn (string $role): Device => new Device($app, $role), self::PHONES);

            $alone = $this->share($app, static fn () => usleep((int) (20.0 * 1e6)));
            $looks = [];
            $busy = $this->share($app, function () use ($phones, $trip, &$looks): void {
                $looks = $this->look($phones, $trip);
            });
            sort($looks);
            $p95 = $looks[(int) (0.95 * count($looks))];
            $this->say(sprintf(
                '16 phones on Watch: %.1f %% of a core beside %.1f %% with none; %d looks, p50 %.0f ms, p95 %.0f ms',
                100.0 * ($busy - $alone), 100.0 * $alone, count($looks), 1000.0 * $looks[intdiv(count($looks), 2)], 1000.0 * $p95,
            ));
            self::assertGreaterThan(0.8 * self::WHILE * count($phones), count($looks), 'all looked every second');
            self::assertLessThanOrEqual(self::SHARE, $busy - $alone);
            self::assertLessThanOrEqual(self::P95, $p95);
        } finally {
            $sea?->stop();
            $app->end();
        }
    }

    /** Her gateway, which is listened to. */
    private function sails(Device $laptop): Process
    {
        $port = RunningApp::freePort();
        $sea = new Process(['php', 'stand-ins/instruments/sail.php', "--port={$port}"], RunningApp::root(), timeout: null);
        $sea->start();
        $kept = $laptop->ask('PUT', '/instruments', (string) json_encode([
            'transducer' => null, 'log_factor' => 1.0,
            'sources' => [['name' => 'Gateway', 'kind' => 'tcp', 'address' => "127.0.0.1:{$port}"]],
        ]));
        self::assertSame(200, $kept[0], $kept[1]);
        Wait::until(static function () use ($laptop): bool {
            $figures = array_column(json_decode($laptop->ask('GET', '/instruments')[1], true)['figures'], 'live', 'figure');

            return $figures['water_speed'] ?? false;
        }, 'her instruments to be heard');

        return $sea;
    }

    private function setAll(Device $laptop, int $trip, int $spread): void
    {
        $plan = json_decode($laptop->ask('GET', "/spreads/{$spread}")[1], true);
        $now = gmdate('Y-m-d\TH:i:s\Z');
        $told = $laptop->ask('POST', "/trips/{$trip}/events", (string) json_encode(['sent_at' => $now, 'events' => array_map(
            static fn (int|string $i): array => [
                'uuid' => sprintf('018f0000-0000-7000-8000-%012d', $i), 'kind' => 'out', 'at' => $now,
                'holder_id' => $plan['lines'][$i]['holder_id'], 'line' => $plan['lines'][$i],
            ], array_keys($plan['lines']),
        )]));
        self::assertSame([200, []], [$told[0], json_decode($told[1], true)['refused'] ?? $told[1]]);
    }

    /** Share of a core the server takes while something is done. */
    private function share(RunningApp $app, callable $does): float
    {
        [$used, $began] = [$app->processorTime(), microtime(true)];
        $does();

        return ($app->processorTime() - $used) / 1000.0 / (microtime(true) - $began);
    }

    /**
     * @param  list<Device>  $phones
     * @return list<float> s each look took
     */
    private function look(array $phones, int $trip): array
    {
        $multi = curl_multi_init();
        $began = microtime(true);
        $looks = $asked = $known = [];
        $next = $changes = array_map(static fn (int $i): float => $began + $i / 16.0, array_keys($phones));
        while (microtime(true) < $began + self::WHILE || $asked !== []) {
            foreach ($next as $i => $at) {
                if (isset($asked[$i]) || microtime(true) < $at || microtime(true) > $began + self::WHILE) {
                    continue;
                }
                $isLook = microtime(true) < $changes[$i];
                $changes[$i] += $isLook ? 0.0 : self::CHANGES_EVERY;
                $brings = $isLook ? array_intersect_key($known[$i] ?? [], ['known' => 0, 'stamp' => 0])
                    : array_filter(['stamp' => $known[$i]['changes-stamp'] ?? null]);
                $handle = $phones[$i]->prepare(
                    'GET', "/trips/{$trip}/".($isLook ? 'watch?' : 'changes?').http_build_query($brings),
                );
                curl_setopt($handle, CURLOPT_HEADERFUNCTION, static function (CurlHandle $curl, string $line) use (
                    $i, $isLook, &$known,
                ): int {
                    if (preg_match('/^admek-(stamp|again): (.*?)\r?$/im', $line, $found) === 1) {
                        $known[$i][($isLook ? '' : 'changes-').strtolower($found[1])] = $found[2];
                    }

                    return strlen($line);
                });
                $asked[$i] = $isLook;
                curl_multi_add_handle($multi, $handle);
            }
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.005);
            while (($done = curl_multi_info_read($multi)) !== false) {
                $handle = $done['handle'];
                $i = (int) array_key_first(array_filter($phones, static fn (Device $phone): bool => $phone->is($handle)));
                self::assertLessThan(300, curl_getinfo($handle, CURLINFO_RESPONSE_CODE));
                $told = json_decode((string) curl_multi_getcontent($handle), true);
                curl_multi_remove_handle($multi, $handle);
                if ($asked[$i]) {
                    $looks[] = (float) curl_getinfo($handle, CURLINFO_TOTAL_TIME);
                    $known[$i]['known'] = $told['version'] ?? $known[$i]['known'] ?? null;
                    $next[$i] = microtime(true) + (float) ($known[$i]['again'] ?? 1000.0) / 1000.0;
                }
                unset($asked[$i]);
            }
        }

        return $looks;
    }
}
