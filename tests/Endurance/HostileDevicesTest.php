<?php

declare(strict_types=1);

namespace Tests\Endurance;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Endurance\Support\Device;
use Tests\Support\DemoRows;
use Tests\Support\HostileRequests;
use Tests\Support\Running\LauncherServing;
use Tests\Support\Running\RunningApp;
use Tests\Support\Sqlite;
use Tests\Support\WellMeant;

/**
 * Ten thousand requests nobody means well by, over all routes, from everybody there is; HOSTILE in the environment asks for so
 * many.
 */
final class HostileDevicesTest extends TestCase
{
    private const EVERYBODY = ['nobody', 'guest', 'mate', 'captain', 'laptop'];

    private const SLOWEST = 2.0;

    /** @return iterable<string, array{bool}> */
    public static function served(): iterable
    {
        yield 'in boat mode' => [true];
        yield 'by PHP’s own server' => [false];
    }

    #[DataProvider('served')]
    public function test_every_request_is_decided_on_in_time_in_json_and_the_data_stays_whole(bool $boat): void
    {
        $app = RunningApp::alone($boat ? LauncherServing::boat() : LauncherServing::own());
        try {
            // By PHP's own server no phone is served: whoever asks by another name is nobody's.
            $everybody = $boat ? self::EVERYBODY : ['laptop'];
            $devices = [];
            $laptop = new Device($app);
            $read = static fn (string $path): array => json_decode($laptop->ask('GET', $path)[1], true);
            $spread = DemoRows::spread('next', $app->database);
            $ids = [
                'trip' => DemoRows::trip('next', $app->database), 'spread' => $spread, 'id' => $read('/locker')['lures'][0]['id'],
                'structure' => 1, 'template' => 1, 'device' => 3,
            ];
            $like = WellMeant::bodies($read("/spreads/{$spread}"), $read('/trips/new'));
            $requests = (new HostileRequests((int) (getenv('HOSTILE_SEED') ?: 20261127), $like))->many(
                (int) (getenv('HOSTILE') ?: 10_000), $ids,
            );
            $wrong = [];
            $counts = [];
            $slowest = 0.0;
            foreach ($requests as $i => [$method, $path, $type, $body]) {
                $role = $everybody[intdiv($i, 7) % count($everybody)];
                $device = $devices[$role] ??= new Device($app, $role);
                [$status, $said, $took] = $device->ask($method, $path, $method === 'GET' && $body === '' ? null : $body, $type);
                $counts[$status] = ($counts[$status] ?? 0) + 1;
                $slowest = max($slowest, $took);
                if ($status === 0 || $status >= 500 || $took > self::SLOWEST
                    || ($status >= 400 && ! is_array(json_decode($said, true)))) {
                    $wrong[] = sprintf(
                        '%d %s %s %s [%s] %s → %d in %.1f s %s', $i, $role, $method, $path, $type, substr($body, 0, 300),
                        $status,
                        $took, substr($said, 0, 120),
                    );
                }
                if (in_array($role, ['guest', 'mate', 'captain'], true) && ($status === 204 || ($status === 401))) {
                    $device->comeAboard();
                }
            }
            ksort($counts);
            fwrite(STDERR, sprintf(
                "\nhostile, %s: %s; slowest %.2f s\n", $boat ? 'boat mode' : 'own server', json_encode($counts), $slowest,
            ));
            self::assertSame([], array_slice($wrong, 0, 10));
            self::assertSame('ok', Sqlite::value($app->database, 'pragma integrity_check'));
            self::assertSame([], Sqlite::column($app->database, 'pragma foreign_key_check'));
            foreach (['/boat', '/trips', '/locker', '/chart', '/devices'] as $path) {
                self::assertSame(200, $laptop->ask('GET', $path)[0], $path);
            }
        } finally {
            $app->end();
        }
    }
}
