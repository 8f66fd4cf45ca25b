<?php

declare(strict_types=1);

namespace Tests\Browser;

use Admek\Core\Instruments\Known;
use App\Http\Middleware\ClosedAnswers;
use App\Instruments\LiveFile;
use PDO;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Support\DemoRows;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;

/** What a device brings with its next look, so that it costs next to nothing where nothing is new. */
final class LooksTest extends TestCase
{
    private RunningApp $app;

    private PDO $data;

    protected function setUp(): void
    {
        $this->app = RunningApp::withDemo();
        // Kept open, as the hub does.
        $this->data = new PDO("sqlite:{$this->app->database}");
        $this->data->exec('pragma busy_timeout = 10000');
        $this->write();
    }

    protected function tearDown(): void
    {
        @unlink("{$this->app->database}.live");
    }

    #[Group('served')]
    public function test_what_is_told_with_it_is_as_closed_as_any_answer(): void
    {
        [$status, $told] = $this->look('');
        self::assertSame(200, $status);
        [$status, $headers] = $this->look($told['admek-stamp']);

        self::assertSame(204, $status, 'whatever is known, for it is not looked at');
        self::assertSame('2000', $headers['admek-again']);
        self::assertSame($told['admek-stamp'], $headers['admek-stamp']);
        foreach (['admek-build', 'cache-control', ...array_map(strtolower(...), array_keys(ClosedAnswers::ALWAYS))] as $name) {
            self::assertSame($told[$name], $headers[$name]);
        }
    }

    #[Group('served')]
    public function test_whatever_is_written_it_is_no_good_any_more(): void
    {
        $stamp = $this->look('')[1]['admek-stamp'];
        $this->write();
        [$status, $headers] = $this->look($stamp);

        self::assertSame(200, $status);
        self::assertNotSame($stamp, $headers['admek-stamp']);
    }

    /** Told as the hub tells it where these tests serve; the launcher's own hub has a file of its own. */
    public function test_nor_when_anything_is_heard_or_what_was_heard_is_heard_no_more(): void
    {
        $hub = new LiveFile("{$this->app->database}.live");
        $stamps = [$this->look('')[1]['admek-stamp']];
        foreach ([0.0, 60.0] as $age) {
            $known = new Known(1.2, 'Gateway/II', $age);
            $hub->write(['water_speed' => $known], null, [], [], $age === 0.0);
            foreach ($stamps as $before) {
                // What was worked out less than a second ago does for everybody.
                Wait::until(fn (): bool => $this->look($before)[0] === 200, 'it to be told anew');
            }
            $stamps[] = $this->look('')[1]['admek-stamp'];
        }
        self::assertSame(204, $this->look($stamps[2])[0]);
    }

    #[Group('served')]
    public function test_it_is_good_for_what_it_was_told_of_alone(): void
    {
        $trips = array_column((array) json_decode((string) file_get_contents($this->app->api('/trips')), true), 'id');
        $stamp = $this->look('')[1]['admek-stamp'];
        $others = array_filter($trips, fn (int $trip): bool => $trip !== DemoRows::trip('next', $this->app->database));

        self::assertNotSame([], $others);
        foreach ($others as $trip) {
            self::assertSame(200, $this->look($stamp, "/trips/{$trip}/watch")[0]);
        }
        self::assertSame(404, $this->look($stamp, '/trips/0/watch')[0]);
        self::assertSame(404, $this->look(str_repeat('0', 64), '/trips/0/watch')[0]);
    }

    private function write(): void
    {
        $this->data->exec('update trips set anglers = anglers % 4 + 1');
    }

    /** @return array{int, array<string, string>} its status, and its headers */
    private function look(string $stamp, string $path = '/trips/{next}/watch'): array
    {
        $headers = [];
        file_get_contents(
            $this->app->api($path).'?'.http_build_query(['known' => 'long ago', 'stamp' => $stamp]),
            context: stream_context_create(['http' => ['ignore_errors' => true]]),
        );
        foreach (array_slice($http_response_header, 1) as $line) {
            [$name, $value] = explode(': ', $line, 2);
            $headers[strtolower($name)] = $value;
        }

        return [(int) explode(' ', $http_response_header[0])[1], $headers];
    }
}
