<?php

declare(strict_types=1);

namespace Tests\Endurance;

use PDO;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Endurance\Support\Device;
use Tests\Support\DemoRows;
use Tests\Support\Running\LauncherServing;
use Tests\Support\Running\RunningApp;
use Tests\Support\Sqlite;

/**
 * Disks that fill, data that is damaged, plugs that are pulled in the middle of an upgrade, backups put back under a boat at
 * sea.
 */
final class DisksTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = RunningApp::temporary();
        mkdir($this->folder);
        // Whoever serves the data writes and reads its backups.
        chmod($this->folder, 0o777);
    }

    protected function tearDown(): void
    {
        exec('mountpoint -q '.escapeshellarg($this->folder).' && umount '.escapeshellarg($this->folder));
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function test_on_a_disk_that_fills_what_was_acknowledged_stays_and_what_cannot_be_kept_is_said(): void
    {
        exec('mount -t tmpfs -o size=2500k tmpfs '.escapeshellarg($this->folder).' 2>&1', $said, $failed);
        if ($failed !== 0) {
            self::markTestSkipped('Only root can mount a small disk: '.implode(' ', $said));
        }
        $app = RunningApp::alone(LauncherServing::boat()->keptIn("{$this->folder}/data"));
        try {
            $laptop = new Device($app);
            $spread = json_decode($laptop->ask('GET', '/spreads/'.DemoRows::spread('next', $app->database))[1], true);
            $trip = DemoRows::trip('next', $app->database);
            $acknowledged = [];
            $refused = null;
            for ($n = 0; $refused === null && $n < 5000; $n++) {
                $uuid = sprintf('018f0000-0000-7000-8000-%012d', $n);
                $at = '2026-11-20T09:00:00Z';
                [$status, $said] = $laptop->ask('POST', "/trips/{$trip}/events", (string) json_encode([
                    'sent_at' => $at, 'events' => [[
                        'uuid' => $uuid, 'kind' => 'bite', 'at' => $at, 'spread_id' => $spread['id'],
                        'holder_id' => $spread['lines'][0]['holder_id'], 'note' => str_repeat('x', 500),
                        'speed' => $spread['speed'], 'lines' => $spread['lines'],
                    ]],
                ]));
                $status === 200 ? $acknowledged[] = $uuid : $refused = [$status, json_decode($said, true)['title'] ?? $said];
            }
            self::assertSame([507, 'Disk full'], $refused);
            self::assertGreaterThan(20, count($acknowledged));
            foreach (['/boat', '/trips', "/trips/{$trip}/bites"] as $path) {
                self::assertSame(200, $laptop->ask('GET', $path)[0], $path);
            }
            $kept = Sqlite::column($app->database, "select uuid from bites where uuid like '018f0000-%'");
            self::assertSame($acknowledged, array_values(array_intersect($acknowledged, $kept)));
            self::assertSame(['ok'], Sqlite::column($app->database, 'pragma integrity_check'));
            exec('mount -o remount,size=20m '.escapeshellarg($this->folder));
            [$status] = $laptop->ask('PUT', "/trips/{$trip}/stores", '{"aboard":{"ice":4}}');
            self::assertSame(200, $status, 'room was made');
            fwrite(STDERR, sprintf(
                "\nfull disk: %d bites acknowledged and kept, then %s\n", count($acknowledged), implode(' ', $refused),
            ));
        } finally {
            $app->end();
        }
    }

    public function test_where_what_serving_makes_stands_on_it_too_a_full_disk_is_said_each_time(): void
    {
        exec('mount -t tmpfs -o size=12m tmpfs '.escapeshellarg($this->folder).' 2>&1', $said, $failed);
        if ($failed !== 0) {
            self::markTestSkipped('Only root can mount a small disk: '.implode(' ', $said));
        }
        chmod($this->folder, 0o777);
        $serving = LauncherServing::boat()->keptIn("{$this->folder}/data")->madeIn("{$this->folder}/storage");
        $app = RunningApp::alone($serving);
        try {
            $laptop = new Device($app);
            $trip = DemoRows::trip('next', $app->database);
            $full = "{$this->folder}/data/full";
            exec('dd if=/dev/zero of='.escapeshellarg($full).' bs=1k 2>/dev/null');
            $answers = [];
            for ($n = 0; $n < 30; $n++) {
                [$status, $said] = $laptop->ask('POST', "/trips/{$trip}/events", (string) json_encode([
                    'sent_at' => gmdate('Y-m-d\TH:i:s\Z'), 'events' => [[
                        'uuid' => sprintf('018f0000-0000-7000-8000-%012d', $n), 'kind' => 'note', 'at' => '2026-11-20T09:00:00Z',
                        'note' => str_repeat('x', 500),
                    ]],
                ]));
                $answers[] = $status.' '.(json_decode($said, true)['title'] ?? $said);
            }
            self::assertSame(['507 Disk full' => 30], array_count_values($answers));
            [$status] = $laptop->ask('PUT', '/photographs?bite=x', str_repeat('x', 900_000), 'application/octet-stream');
            self::assertSame(507, $status, 'a file that finds no room on its way');
            foreach (['/boat', '/trips', "/trips/{$trip}/watch", "/trips/{$trip}/day"] as $path) {
                self::assertSame(200, $laptop->ask('GET', $path)[0], $path);
            }
            self::assertStringContainsString('<div id="app"', (string) file_get_contents(strtok($app->url(), '#') ?: ''));
            unlink($full);
            self::assertSame(200, $laptop->ask('PUT', "/trips/{$trip}/stores", '{"aboard":{"ice":4}}')[0], 'room was made');
        } finally {
            $app->end();
        }
    }

    public function test_a_restore_is_refused_under_a_running_boat_and_done_once_she_is_stopped(): void
    {
        $app = RunningApp::alone($boat = LauncherServing::boat());
        try {
            [$failed] = $this->admek($app, 'backup', "{$this->folder}/backup.sqlite");
            self::assertSame(0, $failed);
            (new Device($app))->ask('PUT', '/trips/'.DemoRows::trip('next', $app->database).'/stores', '{"aboard":{"ice":17}}');
            for ($i = 0; $i < 6; $i++) {
                [$failed, $said] = $this->admek($app, 'restore', "{$this->folder}/backup.sqlite");
                self::assertSame(1, $failed);
                self::assertStringContainsString('Stop it first', $said);
            }
            self::assertSame(['ok'], Sqlite::column($app->database, 'pragma integrity_check'));
            $phone = new Device($app, 'mate');
            $boat->stop();
            [$failed, $said] = $this->admek($app, 'restore', "{$this->folder}/backup.sqlite");
            self::assertSame(0, $failed, $said);
            $boat->start();
            self::assertSame(200, (new Device($app))->ask('GET', '/boat')[0]);
            self::assertSame(401, $phone->ask('GET', '/boat')[0], 'devices are let in anew');
        } finally {
            $app->end();
        }
    }

    public function test_damaged_data_is_said_so_and_its_newest_whole_backup_named(): void
    {
        $app = RunningApp::alone($boat = LauncherServing::boat());
        try {
            [$failed] = $this->admek($app, 'backup');
            self::assertSame(0, $failed);
            $boat->stop();
            $data = (string) file_get_contents($app->database);
            for ($at = 4096; $at < strlen($data); $at += 40_000) {
                $data = substr_replace($data, str_repeat("\xA5", 2048), $at, 2048);
            }
            file_put_contents($app->database, $data);
            [$failed, $said] = $this->admek($app, 'check');
            self::assertSame(1, $failed);
            self::assertMatchesRegularExpression('~Newest whole backup: (\S+)~', $said);
            preg_match('~Newest whole backup: (\S+)~', $said, $named);
            [$failed, $said] = $this->admek($app, 'restore', $named[1] ?? '');
            self::assertSame(0, $failed, $said);
            $boat->start();
            self::assertSame(200, (new Device($app))->ask('GET', '/boat')[0]);
        } finally {
            $app->end();
        }
    }

    public function test_an_upgrade_killed_at_any_moment_leaves_data_that_is_as_it_was_or_as_it_is_to_be(): void
    {
        $old = dirname(__DIR__).'/Support/oldest.sql';
        $killed = 0;
        $whole = 0.0;
        $tries = (int) (getenv('UPGRADES') ?: 60);
        mt_srand(20261127);
        $enough = intdiv($tries, 4) + 1;
        for ($i = 0; $i < $tries || ($killed < $enough && $i < 10 * $tries); $i++) {
            $file = "{$this->folder}/admek.sqlite";
            array_map(unlink(...), glob("{$this->folder}/*.*") ?: []);
            (new PDO("sqlite:{$file}"))->exec((string) file_get_contents($old));
            $environment = ['ADMEK_DATABASE' => $file];
            $upgrade = new Process([PHP_BINARY, 'artisan', 'admek:upgrade'], RunningApp::root(), $environment);
            $began = microtime(true);
            $upgrade->start();
            // The first is let end: the others are killed at some moment of what that took.
            $i === 0 ? $upgrade->wait() : usleep((int) (1e6 * $whole * mt_rand(10, 100) / 100));
            $whole = max($whole, $i === 0 ? microtime(true) - $began : 0.0);
            $half = $upgrade->isRunning();
            $killed += $half ? 1 : 0;
            // A machine that is quicker than it was at first is met sooner.
            $whole *= $half || $i === 0 ? 1.0 : 0.8;
            $upgrade->stop(0, SIGKILL);
            self::assertSame(['ok'], Sqlite::column($file, 'pragma integrity_check'));
            self::assertSame(['2'], Sqlite::column($file, 'select count(*) from bites'));
            $again = new Process([PHP_BINARY, 'artisan', 'admek:upgrade'], RunningApp::root(), $environment);
            self::assertSame(0, $again->run(), $again->getOutput());
            self::assertSame(0, (new Process([PHP_BINARY, 'artisan', 'admek:check'], RunningApp::root(), $environment))->run());
            self::assertSame(['2'], Sqlite::column($file, 'select count(*) from bites'));
            exec('rm -rf '.escapeshellarg("{$this->folder}/backups"));
        }
        self::assertGreaterThanOrEqual($enough, $killed, 'enough were killed half-way');
        fwrite(STDERR, "\nupgrades: {$killed} of {$i} killed half-way, none bad\n");
    }

    /** @return array{int, string} exit status, what it said */
    private function admek(RunningApp $app, string ...$words): array
    {
        $admek = new Process(
            ['./admek', ...array_values($words)], RunningApp::root(), ['ADMEK_DATA' => dirname($app->database)], timeout: 120,
        );
        $status = $admek->run();

        return [$status, $admek->getOutput().$admek->getErrorOutput()];
    }
}
