<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Days\ToldOnce;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What is told to everybody is worked out once. */
final class ToldOnceTest extends TestCase
{
    private string $path;

    protected function setUp(): void
    {
        $this->path = sys_get_temp_dir().'/admek-told-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->path}*") ?: []);
    }

    public function test_it_is_made_anew_where_it_follows_from_something_else_or_is_too_old(): void
    {
        $once = new ToldOnce($this->path);
        $made = 0;
        $ask = static function (string $key, string $news, float $good, string $known = '') use ($once, &$made): string {
            $make = static function (string $version) use (&$made): string {
                return (string) json_encode(['version' => $version, 'made' => ++$made]);
            };

            return $once->told('watch-1', static fn (): string => $key, $news, $make, $good, $known)->body;
        };
        self::assertSame('{"version":"k-a","made":1}', $ask('k', 'a', 0.0));
        self::assertSame('{"version":"k-a","made":1}', $ask('k', 'a', 0.0, 'k-a'), 'known, and nothing was heard since');
        self::assertSame('{"version":"k-b","made":2}', $ask('k', 'b', 0.0, 'k-a'), 'something else was heard');
        self::assertSame('{"version":"k-b","made":3}', $ask('k', 'b', 1e6), 'ages are told of now');
        self::assertSame('{"version":"k-b","made":3}', $ask('k', 'c', 0.0), 'good for as long as was said');
        self::assertSame('{"version":"l-b","made":4}', $ask('l', 'b', 1e6, 'k-b'), 'something was kept since');
        self::assertNull($once->found('watch-2'));
        self::assertNull($once->found('../watch-1'));
        self::assertStringContainsString('"made":5', (new ToldOnce(null))->told(
            'watch-1', static fn (): string => 'l', 'b', static fn (): string => '{"made":5}', 1e6,
        )->body);
        self::assertSame('{"now":"2026-11-20T09:00:00.250Z","made":1}', ToldOnce::atMoment('{"made":1}', 1_795_165_200.25));
    }

    public function test_where_nothing_was_written_since_nobody_asks_what_it_follows_from(): void
    {
        $once = new ToldOnce($this->path);
        $named = 0;
        $ask = static function (string $stand) use ($once, &$named): string {
            return $once->told('watch-1', static function () use (&$named): string {
                return 'k'.(0 * ++$named);
            }, 'a', static fn (): string => '{}', 1e6, stand: $stand)->body;
        };
        foreach ([['x', 1], ['x', 1], ['y', 2], ['y', 2], ['', 3], ['y', 3]] as $i => [$stand, $times]) {
            $ask($stand);
            self::assertSame($times, $named, "{$i}: as all was kept at {$stand}");
        }
    }

    public function test_of_many_who_ask_at_once_one_works_it_out(): void
    {
        $ask = <<<'PHP'
            require $argv[1];
            $told = (new App\Days\ToldOnce($argv[2]))->told('watch-1', fn () => 'k', 'a', function () use ($argv) {
                file_put_contents("{$argv[2]}.made", '.', FILE_APPEND);
                usleep(300000);

                return '{}';
            }, 1e6);
            echo $told->body;
            PHP;
        $asking = array_map(function () use ($ask): Process {
            $process = new Process([PHP_BINARY, '-r', $ask, dirname(__DIR__, 2).'/vendor/autoload.php', $this->path]);
            $process->start();

            return $process;
        }, range(1, 6));
        foreach ($asking as $process) {
            $process->wait();
            self::assertSame('{}', $process->getOutput(), $process->getErrorOutput());
        }
        self::assertStringEqualsFile("{$this->path}.made", '.');
    }
}
