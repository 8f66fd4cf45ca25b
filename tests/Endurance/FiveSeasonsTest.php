<?php

declare(strict_types=1);

namespace Tests\Endurance;

use PharData;
use PharFileInfo;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Endurance\Support\Device;
use Tests\Endurance\Support\Says;
use Tests\Endurance\Support\Teller;
use Tests\Support\DemoRows;
use Tests\Support\FiveSeasons;
use Tests\Support\Running\LauncherServing;
use Tests\Support\Running\RunningApp;
use Tests\Support\Sqlite;

/**
 * Five hundred trips of six hours, a point of the track a second: what a captain looks at is there as soon, what is exported is
 * whole, and nobody is held up. TRIPS in the environment asks for so many.
 */
final class FiveSeasonsTest extends TestCase
{
    use Says;

    /** s a look may take, by what is looked at. */
    private const LOOK = 0.3;

    private const SEASON = 1.0;

    /** Bytes a second, and bytes of memory of the worker that sends them. */
    private const SENT = 20e6;

    private const MEMORY = 256 * 1024 * 1024;

    /** s. */
    private const BACKUP = 15.0;

    private const HELD_UP = 0.3;

    /** s packing and reading all of it may take, once in its life. */
    private const ONCE = 1800;

    private string $folder;

    private ?RunningApp $app = null;

    protected function setUp(): void
    {
        $this->folder = RunningApp::temporary();
        mkdir($this->folder);
        chmod($this->folder, 0o777);
    }

    protected function tearDown(): void
    {
        $this->app?->end();
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function test_five_seasons_are_as_quick_as_one_and_are_sent_and_copied_whole(): void
    {
        $trips = (int) (getenv('TRIPS') ?: 500);
        $boat = LauncherServing::boat();
        $this->app = $app = RunningApp::aloneWithSeason($boat);
        $trip = DemoRows::trip('next', $app->database);
        $laptop = new Device($app);
        $teller = new Teller($laptop, $trip, $app->database);
        $app->stopServing();
        FiveSeasons::make($app->database, $trips);
        $points = (int) Sqlite::value($app->database, 'select count(*) from track');
        $grown = filesize($app->database);
        $app->serve();

        // While all of it is packed and read, whoever tells something is not held up.
        $told = $teller->while(static function () use ($app): bool {
            $count = static fn (string $what): int => (int) Sqlite::value($app->database, "select count({$what}");

            return $count('*) from fished_trips') < $count('distinct trip_id) from events')
                || $count(sprintf('*) from track where at < 1000 * %d', time() - 31 * 86400)) > 0;
        }, self::ONCE);
        $packed = (int) Sqlite::value($app->database, 'select count(*) from track');
        $this->say(sprintf(
            '%d trips, %.1f million points (%.0f MB): packed and read; %s', $trips, $points / 1e6, $grown / 1e6,
            Teller::said($told),
        ));
        self::assertLessThan(0.1 * $points, $packed, 'most of it is old');
        self::assertLessThanOrEqual(self::HELD_UP, max($told['held']), 'packing and reading');

        $long = (int) Sqlite::value($app->database, sprintf(
            'select trip_id from events where trip_id <> %d group by trip_id order by count(*) desc limit 1', $trip,
        ));
        $this->looks($laptop, $trip, $long);
        $this->season($laptop, $teller);
        $this->sent($laptop, $boat);
        $this->copied($app, $teller);
    }

    private function looks(Device $laptop, int $trip, int $old): void
    {
        foreach ([
            '/trips', "/trips/{$trip}/day", "/trips/{$trip}/watch", "/trips/{$old}/day", "/trips/{$old}/bites",
            "/trips/{$old}/watch", "/trips/{$old}/day/line",
        ] as $path) {
            $took = [];
            for ($i = 0; $i < 7; $i++) {
                [$status, $said, $took[]] = $laptop->ask('GET', $path);
                self::assertSame(200, $status, $path.$said);
            }
            sort($took);
            $this->say(sprintf('%s: %.2f s (%.2f at most)', $path, $took[3], end($took)));
            self::assertLessThanOrEqual(self::LOOK, $took[3], $path);
        }
    }

    /** As it is, and the first time after something was told. */
    private function season(Device $laptop, Teller $teller): void
    {
        $first = $again = [];
        for ($i = 0; $i < 5; $i++) {
            $teller->note();
            [$status, $said, $first[]] = $laptop->ask('GET', '/season');
            self::assertSame(200, $status, $said);
            self::assertSame(0, json_decode($said, true)['unread'], 'all of it was read');
            $again[] = $laptop->ask('GET', '/season')[2];
        }
        sort($first);
        sort($again);
        $this->say(sprintf('season: %.2f s, %.2f s the first time after something was told', $again[2], $first[2]));
        self::assertLessThanOrEqual(self::SEASON, $first[2]);
        self::assertLessThanOrEqual(self::SEASON, $again[2]);
    }

    private function sent(Device $laptop, LauncherServing $boat): void
    {
        $file = "{$this->folder}/sent.zip";
        foreach (['/everything', '/days/file/csv', '/days/file/gpx'] as $path) {
            $boat->most();
            [$status, $took] = $laptop->receive($path, $file);
            self::assertSame(200, $status, $path);
            $memory = $boat->most();
            $bytes = $path === '/everything' ? (int) filesize($file) : $this->unpacked($file);
            $this->say(sprintf(
                '%s: %.0f MB of %.0f at %.1f MB/s, by a worker of %.0f MB', $path, filesize($file) / 1e6, $bytes / 1e6,
                $bytes / 1e6 / $took, $memory / 1e6,
            ));
            self::assertLessThanOrEqual(self::MEMORY, $memory, $path);
            if ($path === '/everything') {
                self::assertStringContainsString('"end"', (string) file_get_contents($file, offset: $bytes - 200));
                self::assertGreaterThanOrEqual(self::SENT, $bytes / $took);
            }
        }
    }

    /** Bytes of all that an archive holds, as its directory tells them. */
    private function unpacked(string $file): int
    {
        return array_sum(array_map(
            static fn (PharFileInfo $one): int => (int) $one->getSize(), iterator_to_array(new PharData($file)),
        ));
    }

    private function copied(RunningApp $app, Teller $teller): void
    {
        $admek = new Process(
            ['./admek', 'backup', "{$this->folder}/copy.sqlite"], RunningApp::root(), ['ADMEK_DATA' => dirname($app->database)],
            timeout: 120,
        );
        $began = microtime(true);
        $admek->start();
        $told = $teller->while(static fn (): bool => $admek->isRunning(), 120);
        $took = microtime(true) - $began;
        self::assertTrue($admek->isSuccessful(), $admek->getErrorOutput());
        $this->say(sprintf(
            'backup: %.1f s, %.0f MB; %s', $took, filesize("{$this->folder}/copy.sqlite") / 1e6, Teller::said($told),
        ));
        self::assertLessThanOrEqual(self::BACKUP, $took);
        self::assertLessThanOrEqual(self::HELD_UP, max($told['held']), 'while a copy is made');
    }
}
