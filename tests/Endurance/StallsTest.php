<?php

declare(strict_types=1);

namespace Tests\Endurance;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Endurance\Support\Device;
use Tests\Endurance\Support\Says;
use Tests\Endurance\Support\Teller;
use Tests\Support\DemoRows;
use Tests\Support\Running\LauncherServing;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;

/** Nobody is held up: not by what takes long to be taken, and not for long by a part of Admek that died. */
final class StallsTest extends TestCase
{
    use Says;

    /** s that the data may be held for who brings a long file. */
    private const HELD_UP = 0.3;

    /** s from the death of a part until something is kept again. */
    private const BACK = 3.0;

    private const DEATHS = 4;

    private ?RunningApp $app = null;

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = RunningApp::temporary();
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        $this->app?->end();
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function test_nothing_long_holds_anybody_up(): void
    {
        $this->app = $app = RunningApp::alone(LauncherServing::boat());
        $trip = DemoRows::trip('next', $app->database);
        $laptop = new Device($app);
        $teller = new Teller($laptop, $trip, $app->database);
        $date = json_decode($laptop->ask('GET', "/trips/{$trip}")[1], true)['date'];
        foreach ([
            'a chart of 160,000 depths' => ['/chart', $this->chart()],
            'a day’s track of six hours, a point a second' => ["/days/file?trip={$trip}", $this->track((string) $date, 6 * 3600)],
            'a season of tracks as a ground' => ['/structures/file', $this->track((string) $date, 300_000)],
        ] as $what => [$path, $body]) {
            file_put_contents($file = "{$this->folder}/body", $body);
            $bringing = new Process([
                'curl', '-s', '-S', '-o', "{$this->folder}/said", '-w', '%{http_code}', '-T', $file, $app->api($path),
                '-H', "Origin: http://127.0.0.1:{$app->port}", '-H', 'Content-Type: application/octet-stream', '-H', 'Expect:',
            ], timeout: 300);
            $began = microtime(true);
            $bringing->start();
            $told = $teller->while(static fn (): bool => $bringing->isRunning(), 300.0);
            $this->say(sprintf(
                '%s (%.0f MB): %s in %.1f s; %s', $what, strlen($body) / 1e6, $bringing->getOutput(), microtime(true) - $began,
                Teller::said($told),
            ));
            self::assertMatchesRegularExpression(
                '/^2/', $bringing->getOutput(), substr((string) file_get_contents("{$this->folder}/said"), 0, 300),
            );
            self::assertLessThanOrEqual(self::HELD_UP, max($told['held']), $what);
        }
    }

    /** @return iterable<string, array{bool}> */
    public static function served(): iterable
    {
        yield 'in boat mode' => [true];
        yield 'by PHP’s own server' => [false];
    }

    #[DataProvider('served')]
    public function test_after_a_death_the_first_is_soon_kept(bool $boatMode): void
    {
        $boat = $boatMode ? LauncherServing::boat() : LauncherServing::withoutNginx();
        $this->app = $app = RunningApp::alone($boat);
        $teller = new Teller(new Device($app), DemoRows::trip('next', $app->database), $app->database);
        $teller->once();
        $longest = [];
        foreach (['part of the server' => false, 'launcher' => true] as $what => $launcher) {
            for ($death = 0; $death < self::DEATHS; $death++) {
                if ($launcher) {
                    posix_kill($boat->launcher(), SIGKILL);
                    Wait::until(static fn (): bool => ! $boat->runs(), 'the launcher to be gone');
                    $boat->begin();
                } else {
                    $parts = $boat->groups();
                    posix_kill($parts[$death % count($parts)], SIGKILL);
                }
                $longest[$what] = max($longest[$what] ?? 0.0, $this->backAfter($boat, $teller, $launcher));
            }
        }
        $this->say(sprintf(
            '%s: kept again %s', $boatMode ? 'boat mode' : 'own server', implode(', ', array_map(
                static fn (string $what, float $took): string => sprintf('%.1f s at most after that of the %s', $took, $what),
                array_keys($longest), $longest,
            )),
        ));
        foreach ($longest as $what => $took) {
            self::assertLessThanOrEqual(self::BACK, $took, $what);
        }
    }

    /** @return float s that nothing was kept, at most, until all serves again */
    private function backAfter(LauncherServing $boat, Teller $teller, bool $launcher): float
    {
        $longest = 0.0;
        $serves = $launcher
            ? static fn (): bool => str_contains($boat->told(), 'Admek is at')
            : static fn (): bool => false;
        // A death is looked for twice a second.
        $end = microtime(true) + ($launcher ? 60.0 : 4.0);
        while (microtime(true) < $end && ! $serves()) {
            $longest = max($longest, $teller->again(30.0));
        }

        return max($longest, $teller->again(30.0));
    }

    private function chart(): string
    {
        $row = static fn (int $y): array => array_map(
            static fn (int $x): float => round(30.0 + 20.0 * sin($x / 40.0) * cos($y / 30.0), 2), range(0, 399),
        );

        return (string) json_encode([
            'format' => 'admek-bottom', 'version' => 1, 'name' => 'Held up by', 'south' => 45.0, 'west' => -38.5,
            'step' => 0.0005,
            'rows' => array_map($row, range(0, 399)),
        ]);
    }

    /** As GPX, from noon. */
    private function track(string $date, int $points): string
    {
        $noon = (int) strtotime("{$date}T12:00:00Z");
        $gpx = '<?xml version="1.0"?><gpx version="1.1" creator="x" xmlns="http://www.topografix.com/GPX/1/1"><trk><trkseg>';
        for ($i = 0; $i < $points; $i++) {
            $gpx .= sprintf(
                '<trkpt lat="%.6f" lon="%.6f"><time>%s</time></trkpt>',
                45.3 + 0.02 * sin($i / 900), -38.4 + 0.03 * sin($i / 1700), gmdate('Y-m-d\TH:i:s\Z', $noon + $i),
            );
        }

        return "{$gpx}</trkseg></trk></gpx>";
    }
}
