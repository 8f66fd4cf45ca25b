<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Instruments\Nmea;
use App\Instruments\Hub\HeldPoints;
use App\Instruments\Instruments;
use App\Instruments\LiveFile;
use App\Instruments\Track;
use App\Models\Boat;
use Illuminate\Support\Facades\DB;
use PDO;
use StandIns\Instruments\Sailing;
use StandIns\Instruments\Sentences;
use Symfony\Component\Process\Process;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;

/** The hub as a process of its own, on real sockets and files. */
final class HubTest extends FeatureTestCase
{
    private Process $hub;

    private string $file;

    /** @var resource */
    private $gateway;

    /** @var resource */
    private $dialled;

    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
        $this->file = "{$this->database}.growing";
    }

    protected function tearDown(): void
    {
        $this->hub->stop(3);
        foreach (['live', 'live.part', 'growing'] as $made) {
            @unlink("{$this->database}.{$made}");
        }
        parent::tearDown();
    }

    public function test_a_gateway_is_dialled_believed_and_dialled_again_when_it_goes(): void
    {
        $port = RunningApp::freePort();
        $this->listens(['tcp' => "127.0.0.1:{$port}"]);
        // What is opened before it is started it would hold open too.
        $this->start();
        $this->open($port);
        $this->accept();
        $this->say(Nmea::written('SDDPT,30.5,0.4').Nmea::written('IIVHW,,T,,M,2.00,N,3.7,K'));
        $this->until(fn (Instruments $heard): bool => isset($heard->known['depth'], $heard->known['water_speed']), 'the figures');
        self::assertSame(['connected'], array_column($this->heard()->sources, 'state'));

        // It hangs up; the port is closed; it comes back.
        fclose($this->dialled);
        fclose($this->gateway);
        $this->until(fn (Instruments $heard): bool => $heard->sources[0]['state'] === 'nothing answers there', 'its absence');
        $this->open($port);
        $this->accept();
        $this->say(Nmea::written('SDDPT,31.5,0.4'));
        $this->until(fn (Instruments $heard): bool => $heard->known['depth']->value === 31.5, 'the new depth');
    }

    public function test_garbage_of_every_kind_does_not_stop_it(): void
    {
        $port = $this->open();
        $this->listens(['tcp' => "127.0.0.1:{$port}"]);
        $this->start();
        $this->accept();
        $sailing = Sailing::inDemo();
        $sentences = new Sentences(3);
        mt_srand(5);
        for ($i = 0; $i < 200; $i++) {
            $sent = implode('', $sentences->of($sailing->next(), 1_900_000_000 + $i));
            $at = mt_rand(0, strlen($sent) - 1);
            $this->say($i % 3 === 0 ? substr_replace($sent, random_bytes(mt_rand(1, 50)), $at, mt_rand(0, 20)) : $sent);
        }
        $this->say(str_repeat('$GPXXX', 300_000));
        // So much shallower all at once is not believed until it is told again.
        $this->say("\n".str_repeat(Nmea::written('SDDPT,29.25,0.6'), 2));
        $this->until(
            static fn (Instruments $heard): bool => ($heard->known['depth'] ?? null)?->value === 29.25, 'the figure after it all',
        );
        $faults = array_merge(...array_column($this->heard()->talkers, 'faults'));
        self::assertGreaterThan(0, $faults['too_long'] ?? 0);
        self::assertTrue($this->hub->isRunning());
    }

    public function test_broadcasts_and_a_file_that_grows_are_heard_and_what_cannot_be_is_said(): void
    {
        file_put_contents($this->file, Nmea::written('SDDPT,11.0,0.4'));
        $port = RunningApp::freePort();
        $this->listens(['file' => $this->file, 'udp' => (string) $port, 'tcp' => '127.0.0.1:1']);
        $this->start();
        $this->until(static fn (Instruments $heard): bool => array_column($heard->sources, 'state', 'name') === [
            'by file' => 'listening', 'by udp' => 'listening', 'by tcp' => 'nothing answers there',
        ], 'both to listen');
        $socket = stream_socket_client("udp://127.0.0.1:{$port}");
        assert($socket !== false);
        fwrite($socket, rtrim(Nmea::written('YXMTW,11.5,C')));
        file_put_contents($this->file, Nmea::written('SDDPT,32.0,0.4'), FILE_APPEND);
        $this->until(
            static fn (Instruments $heard): bool => isset($heard->known['water_temperature'], $heard->known['depth']), 'both',
        );
        self::assertSame(32.0, $this->heard()->known['depth']->value, 'what stood in it before is past');
        self::assertSame('by udp/YX', $this->heard()->known['water_temperature']->source);

        // Emptied and begun again; then gone, and there again.
        file_put_contents($this->file, Nmea::written('SDDPT,33.0,0.4'));
        $this->until(static fn (Instruments $heard): bool => $heard->known['depth']->value === 33.0, 'the file begun again');
        unlink($this->file);
        $this->until(static fn (Instruments $heard): bool => $heard->sources[0]['state'] === 'not there', 'it to be missed');
        touch($this->file);
        $this->until(static fn (Instruments $heard): bool => $heard->sources[0]['state'] === 'listening', 'the file to be found');
    }

    public function test_what_she_listens_to_is_changed_while_it_listens_and_the_track_is_kept(): void
    {
        $this->listens([]);
        $this->start();
        $this->until(static fn (Instruments $heard): bool => $heard->listens && $heard->sources === [], 'the hub, idle');
        $port = $this->open();
        $this->listens(['tcp' => "127.0.0.1:{$port}"]);
        $this->accept();
        $moment = Sailing::inDemo()->next();
        $this->say(implode('', (new Sentences(1, faulty: false))->of($moment, time())));
        $kept = static fn (): array => iterator_to_array((new Track)->between(0.0, 2.0 * time()), false);
        Wait::until(static fn (): bool => ($kept()[0] ?? null)?->place() !== null, 'a point of the track');
        $point = $kept()[0]->figures;
        self::assertEqualsWithDelta($moment->place->latitude, $point['latitude'], 1e-5);
        self::assertEqualsWithDelta($moment->depth, $point['depth'], 0.5, 'from the surface');
        self::assertEqualsWithDelta($moment->speed / Sentences::LOG_FACTOR, $point['water_speed'], 0.1);
        self::assertEqualsWithDelta($moment->heading, $point['heading'], 4.0);

        // While the data cannot be written it is held.
        $count = DB::table('track')->count();
        DB::statement('create trigger full before insert on track begin select raise(abort, \'disk full\'); end');
        $told = 0;
        $before = $this->heard()->version;
        $this->until(function (Instruments $heard) use ($moment, &$told, $before): bool {
            $this->say(implode('', (new Sentences(1, faulty: false))->of($moment, time())));

            return ++$told > 300 && $heard->version !== $before;
        }, 'it to go on');
        DB::statement('drop trigger full');
        Wait::until(function () use ($moment, $count): bool {
            $this->say(implode('', (new Sentences(1, faulty: false))->of($moment, time())));

            return DB::table('track')->count() >= $count + 2;
        }, 'what was held to be kept');
        $this->hub->signal(SIGTERM);
        self::assertSame(0, $this->hub->wait(), 'ended as it was told');
        self::assertFileDoesNotExist("{$this->database}.held");
    }

    public function test_a_gps_daemon_is_asked_for_its_sentences(): void
    {
        $this->listensToAGateway();
        $this->say('{"class":"VERSION","release":"3.22","rev":"3.22","proto_major":3,"proto_minor":14}'."\r\n");
        stream_set_timeout($this->dialled, 15);
        self::assertSame("?WATCH={\"enable\":true,\"nmea\":true};\n", fgets($this->dialled));
        $fix = Nmea::written('GPRMC,120000,A,4518.6,N,03824.0,W,2.1,90.0,011226,,');
        $this->say('{"class":"WATCH","enable":true,"nmea":true}'."\r\n{$fix}");
        $this->until(static fn (Instruments $heard): bool => isset(
            $heard->known['latitude'], $heard->known['ground_speed'],
        ), 'its figures');
    }

    public function test_a_long_write_of_another_s_neither_silences_it_nor_loses_a_point_through_its_end(): void
    {
        $this->listensToAGateway();
        $sea = Sailing::inDemo();
        $says = function (callable $is) use ($sea): callable {
            return function () use ($is, $sea): bool {
                $this->say(implode('', (new Sentences(1, faulty: false))->of($sea->next(), time())));

                return $is();
            };
        };
        Wait::until($says(static fn (): bool => DB::table('track')->count() > 0), 'a point of the track');
        $other = new PDO("sqlite:{$this->database}");
        $other->exec('begin immediate');
        $count = DB::table('track')->count();
        $held = fn (): int => count((new HeldPoints("{$this->database}.held"))->read());
        $before = $this->heard()->version;
        Wait::until($says(static fn (): bool => $held() >= 2), 'points to be held');
        self::assertNotSame($before, $this->heard()->version, 'it goes on telling');
        $this->hub->signal(SIGKILL);
        $this->hub->wait();
        $left = $held();
        $this->start();
        $this->accept();
        Wait::until($says(static fn (): bool => $held() > $left), 'the next to hold them too');
        $many = $held();
        $other->exec('rollback');
        Wait::until($says(static fn (): bool => $held() === 0), 'all to be kept');
        self::assertGreaterThanOrEqual($count + $many, DB::table('track')->count());
    }

    /** @param  array<string, string>  $sources  addresses by kind */
    private function listens(array $sources): void
    {
        Boat::query()->firstOrFail()->update(['instruments' => ['transducer' => null, 'sources' => array_map(
            static fn (string $kind, string $address): array => [
                'name' => "by {$kind}", 'kind' => $kind, 'address' => $address,
            ], array_keys($sources), $sources,
        )]]);
    }

    /** Begun idle, for what is open before it is started it would hold open too. */
    private function listensToAGateway(): void
    {
        $this->listens([]);
        $this->start();
        $this->listens(['tcp' => "127.0.0.1:{$this->open()}"]);
        $this->accept();
    }

    private function start(): void
    {
        $this->hub = new Process([PHP_BINARY, 'artisan', 'admek:hub'], base_path(), [
            'ADMEK_DATABASE' => $this->database, 'ADMEK_LIVE' => "{$this->database}.live",
        ], timeout: null);
        $this->hub->start();
        $this->until(static fn (Instruments $heard): bool => $heard->listens, 'the hub');
    }

    private function heard(): Instruments
    {
        return (new LiveFile("{$this->database}.live"))->read();
    }

    /** @param  callable(Instruments): bool  $is */
    private function until(callable $is, string $what): void
    {
        Wait::until(fn (): bool => $is($this->heard()), $what);
    }

    /** A gateway of the test's own, and its port. */
    private function open(int $port = 0): int
    {
        $gateway = stream_socket_server("tcp://127.0.0.1:{$port}");
        assert($gateway !== false);
        $this->gateway = $gateway;

        return (int) substr((string) strrchr((string) stream_socket_get_name($gateway, false), ':'), 1);
    }

    private function accept(): void
    {
        $dialled = stream_socket_accept($this->gateway, 15.0);
        assert($dialled !== false);
        $this->dialled = $dialled;
    }

    private function say(string $sent): void
    {
        for ($done = 0; $done < strlen($sent); $done += (int) fwrite($this->dialled, substr($sent, $done))) {
        }
    }
}
