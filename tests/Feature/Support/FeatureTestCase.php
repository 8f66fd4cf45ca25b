<?php

declare(strict_types=1);

namespace Tests\Feature\Support;

use App\Devices\CookieKey;
use App\Models\Trip;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Assert;
use Tests\Support\DemoRows;

/** Over HTTP against a real SQLite file of the test's own; every answer is held to the contract. */
abstract class FeatureTestCase extends TestCase
{
    protected string $database;

    public function createApplication(): \Illuminate\Foundation\Application
    {
        $this->database = sys_get_temp_dir().'/admek-feature-'.bin2hex(random_bytes(6)).'.sqlite';
        touch($this->database);
        CookieKey::ensure($this->database);
        putenv("ADMEK_DATABASE={$this->database}");
        $_ENV['ADMEK_DATABASE'] = $_SERVER['ADMEK_DATABASE'] = $this->database;
        /** @var \Illuminate\Foundation\Application $app */
        $app = require dirname(__DIR__, 3).'/bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    /** @var array<string, string> database files made once in a process, by what is in them */
    private static array $prepared = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->withServerVariables(['HTTP_ORIGIN' => 'http://localhost']);
        $this->putIn('empty', fn () => $this->command('migrate', ['--force' => true]));
    }

    protected function tearDown(): void
    {
        $this->app->make('db')->disconnect();
        parent::tearDown();
        self::remove($this->database);
        CookieKey::forget($this->database);
    }

    protected function seedDemo(): void
    {
        // The demo world lies about the day it is made on.
        $this->putIn(
            'demo-'.now()->format('Y-m-d'),
            fn () => $this->command('db:seed', ['--class' => \Database\Seeders\DemoSeeder::class, '--force' => true]),
        );
    }

    /** Puts a prepared database in place of the test's own; the first of its kind is made. */
    private function putIn(string $what, callable $make): void
    {
        $db = $this->app->make('db');
        if (isset(self::$prepared[$what])) {
            $db->disconnect();
            self::remove($this->database);
            copy(self::$prepared[$what], $this->database);

            return;
        }
        $make();
        // Closed, so that all of it is in the one file.
        $db->disconnect();
        $file = self::$prepared[$what] = "{$this->database}.{$what}";
        copy($this->database, $file);
        register_shutdown_function(static fn () => @unlink($file));
    }

    private static function remove(string $database): void
    {
        foreach (['', '-wal', '-shm'] as $suffix) {
            @unlink($database.$suffix);
        }
    }

    /**
     * Runs an artisan command and tells its exit code.
     *
     * @param  array<string, mixed>  $arguments
     *
     * @phpstan-impure
     */
    protected function command(string $name, array $arguments = []): int
    {
        return (int) $this->app->make(Kernel::class)->call($name, $arguments);
    }

    /** What the last command printed. */
    protected function printed(): string
    {
        return (string) $this->app->make(Kernel::class)->output();
    }

    /**
     * Paths may name the demo's trips by {next} and {past}: {@see DemoRows}.
     *
     * @param  array<array-key, mixed>  $parameters
     * @param  array<array-key, mixed>  $cookies
     * @param  array<array-key, mixed>  $files
     * @param  array<array-key, mixed>  $server
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        return parent::call(
            $method, DemoRows::in((string) $uri, $this->database), $parameters, $cookies, $files, $server, $content,
        );
    }

    /**
     * Sends a request and holds the answer to docs/openapi.yaml.
     *
     * @param  ?array<string, mixed>  $body
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function send(string $method, string $path, ?array $body = null, ?int $expect = null): TestResponse
    {
        $path = DemoRows::in($path, $this->database);
        $response = $this->json($method, "/api{$path}", $body ?? []);
        Contract::assertDescribed($method, $path, $response);
        if ($expect !== null) {
            Assert::assertSame($expect, $response->getStatusCode(), (string) $response->getContent());
        }

        return $response;
    }

    /**
     * Asserts that a request is refused at exactly these pointers.
     *
     * @param  array<string, mixed>  $body
     * @param  list<string>  $pointers
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function assertRefusedAt(array $pointers, string $method, string $path, array $body): TestResponse
    {
        $response = $this->send($method, $path, $body, 422);
        Assert::assertEqualsCanonicalizing(
            $pointers,
            array_values(array_unique(array_column($response->json('errors'), 'pointer'))),
            (string) $response->getContent(),
        );

        return $response;
    }

    /** @param  'next'|'past'  $which */
    protected function demoTrip(string $which = 'next'): Trip
    {
        return Trip::query()->findOrFail(DemoRows::trip($which, $this->database));
    }

    protected function holder(string $code): int
    {
        return DemoRows::holder($code, $this->database);
    }

    /** @return array<string, mixed> tomorrow's spread of the demo world */
    protected function demoSpread(): array
    {
        return $this->send('GET', '/spreads/{next}', expect: 200)->json();
    }

    /** @param  array<string, mixed>  $spread */
    protected function depthOf(array $spread, string $holder): float
    {
        return array_column(
            $this->send('POST', '/spreads/{next}/preview', $spread, 200)->json('lines'), 'depth', 'holder',
        )[$holder];
    }
}
