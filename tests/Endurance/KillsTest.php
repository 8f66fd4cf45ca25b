<?php

declare(strict_types=1);

namespace Tests\Endurance;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Support\Running\LauncherServing;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;
use Tests\Support\Sqlite;

/**
 * Every process of Admek ended by kill −9, again and again, while three devices log bites and save the spread: nothing the
 * server said it has is lost, nothing is kept twice. KILLS in the environment asks for so many.
 */
final class KillsTest extends TestCase
{
    private const AGAIN = 'it was started again';

    private const DEVICES = ['device001', 'device002', 'device003'];

    /** @return iterable<string, array{bool}> */
    public static function served(): iterable
    {
        yield 'in boat mode' => [true];
        yield 'by PHP’s own server' => [false];
    }

    #[DataProvider('served')]
    public function test_nothing_acknowledged_is_lost_and_nothing_kept_twice(bool $boatMode): void
    {
        $boat = $boatMode ? LauncherServing::boat() : LauncherServing::withoutNginx();
        $app = RunningApp::alone($boat);
        $folder = RunningApp::temporary();
        mkdir($folder);
        $writers = [];
        foreach (self::DEVICES as $device) {
            $writers[] = $writer = new Process(
                [PHP_BINARY, __DIR__.'/Support/writer.php', $app->api(''), $folder, $device], timeout: null,
            );
            $writer->start();
        }
        $killed = [];
        try {
            $restarts = 0;
            $kills = (int) (getenv('KILLS') ?: 200);
            mt_srand((int) (getenv('KILLS_SEED') ?: 20261127));
            for ($i = 0; $i < $kills; $i++) {
                // Each at any moment of what it does: a new bite is under way.
                $known = $this->counted($folder);
                Wait::until(fn (): bool => $this->counted($folder) > $known, 'one more to be acknowledged');
                usleep(mt_rand(0, 30_000));
                $what = ['worker', 'master', 'worker', 'launcher'][$i % 4];
                $process = $what === 'launcher' ? $boat->launcher() : self::one($boat, $what === 'worker');
                $killed[$what] = ($killed[$what] ?? 0) + (posix_kill($process, SIGKILL) ? 1 : 0);
                // nginx and PHP-FPM replace workers of their own; PHP's server goes on without, until few are left.
                $restarts = match ($what) {
                    'launcher' => 0, 'worker' => substr_count($boat->said(), self::AGAIN), default => $restarts + 1,
                };
                if ($what !== 'launcher') {
                    Wait::until(
                        static fn (): bool => substr_count($boat->said(), self::AGAIN) >= $restarts,
                        'the launcher to start it again',
                    );
                } else {
                    Wait::until(fn (): bool => ! $boat->runs(), 'the launcher to be gone');
                    $boat->start();
                }
            }
            $known = $this->counted($folder);
            Wait::until(fn (): bool => $this->counted($folder) > $known, 'one more to be acknowledged at the end');
            touch("{$folder}/stop");
            foreach ($writers as $writer) {
                $writer->wait();
                self::assertSame('', $writer->getErrorOutput());
            }
            $boat->stop();
            $this->assertAllKept($app->database, $folder);
            self::assertSame($kills, array_sum($killed), (string) json_encode($killed));
            fwrite(STDERR, sprintf(
                "\nkill -9, %s: %s; %d bites and saves acknowledged, none lost, none twice\n",
                $boatMode ? 'boat mode' : 'own server', json_encode($killed),
                $this->counted($folder),
            ));
        } finally {
            touch("{$folder}/stop");
            foreach ($writers as $writer) {
                $writer->stop(1);
            }
            $app->end();
            exec('rm -rf '.escapeshellarg($folder));
        }
    }

    private function assertAllKept(string $database, string $folder): void
    {
        self::assertSame(['ok'], Sqlite::column($database, 'pragma integrity_check'));
        self::assertSame([], Sqlite::column($database, 'pragma foreign_key_check'));
        $kept = Sqlite::column($database, "select uuid from bites where uuid like '018f0000-%'");
        self::assertSame([], Sqlite::column(
            $database, "select uuid from events b where kind = 'bite' and uuid like '018f0000-%' and 1 <> "
                ."(select count(*) from events where kind = 'landed' and \"of\" = b.uuid)",
        ), 'half of one, or twice');
        self::assertSame(
            Sqlite::column($database, "select count(*) from events where kind = 'bite' and uuid like '018f0000-%'"),
            [(string) count($kept)],
        );
        $versions = [];
        foreach (self::DEVICES as $device) {
            $acknowledged = file("{$folder}/{$device}.bites", FILE_IGNORE_NEW_LINES) ?: [];
            self::assertNotSame([], $acknowledged);
            self::assertSame([], array_diff($acknowledged, $kept), "lost of {$device}");
            self::assertFileDoesNotExist("{$folder}/{$device}.refused");
            foreach (@file("{$folder}/{$device}.saved", FILE_IGNORE_NEW_LINES) ?: [] as $line) {
                [$version, $speed] = explode(' ', $line);
                self::assertArrayNotHasKey((int) $version, $versions, 'one version told to two');
                $versions[(int) $version] = (float) $speed;
            }
        }
        self::assertNotSame([], $versions);
        ksort($versions);
        $last = (int) array_key_last($versions);
        [$version, $speed] = explode(' ', Sqlite::value(
            $database, "select version || ' ' || speed from spreads order by version desc limit 1",
        ));
        self::assertGreaterThanOrEqual($last, (int) $version);
        if ((int) $version === $last) {
            self::assertEqualsWithDelta($versions[$last], (float) $speed, 1e-9);
        }
    }

    /** A process the launcher began, or one of its workers. */
    private static function one(LauncherServing $boat, bool $worker): int
    {
        $all = [];
        Wait::until(static function () use ($boat, $worker, &$all): bool {
            $all = $worker ? $boat->workers() : $boat->groups();

            return $all !== [];
        }, 'processes to end');

        return $all[mt_rand(0, count($all) - 1)];
    }

    private function counted(string $folder): int
    {
        $lines = 0;
        foreach (glob("{$folder}/*.{bites,saved}", GLOB_BRACE) ?: [] as $file) {
            $lines += substr_count((string) file_get_contents($file), "\n");
        }

        return $lines;
    }
}
