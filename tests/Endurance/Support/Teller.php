<?php

declare(strict_types=1);

namespace Tests\Endurance\Support;

use PHPUnit\Framework\Assert;
use Symfony\Component\Process\Process;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;

/** Tells what is aboard, again and again, and how long each took to be kept; and how long whoever writes waits for the data. */
final readonly class Teller
{
    /** µs from one to the next. */
    private const PAUSE = 50_000;

    /** Told to each worker of the server before anything is measured: what is asked of one first takes longer. */
    private const FIRST = 30;

    public function __construct(private Device $device, private int $trip, private string $database)
    {
    }

    /** @return float s it took to be kept */
    public function once(): float
    {
        [$status, $said, $took] = $this->tell();
        Assert::assertSame(200, $status, $said);

        return $took;
    }

    /**
     * @param  callable(): bool  $while  looked at twice a second
     * @param  float  $most  s it may go on
     * @return array{told: non-empty-list<float>, held: non-empty-list<float>} s each took to be kept, and s each time that the
     *   data was held by another; the longest last
     */
    public function while(callable $while, float $most): array
    {
        for ($first = 0; $first < self::FIRST; $first++) {
            $this->once();
        }
        $file = RunningApp::temporary();
        $holds = new Process([PHP_BINARY, __DIR__.'/holds.php', $this->database, $file], timeout: null);
        $holds->start();
        Wait::until(static fn (): bool => @filesize($file) > 0, 'the data to be looked at');
        $took = [];
        [$end, $looked] = [microtime(true) + $most, 0.0];
        do {
            $took[] = $this->once();
            usleep(self::PAUSE);
            $looks = microtime(true) - $looked > 0.5;
            $looked = $looks ? microtime(true) : $looked;
            Assert::assertLessThan($end, $looked, 'done in time');
            Assert::assertTrue($holds->isRunning(), $holds->getErrorOutput());
        } while (! $looks || $while());
        $holds->stop();
        $held = array_map(static fn (string $ms): float => (float) $ms / 1000.0, file($file) ?: ['0']);
        unlink($file);
        sort($took);
        sort($held);

        return ['told' => $took, 'held' => $held];
    }

    /**
     * @param  array{told: non-empty-list<float>, held: non-empty-list<float>}  $beside
     */
    public static function said(array $beside): string
    {
        ['told' => $told, 'held' => $held] = $beside;

        return sprintf(
            'beside it %d were kept in %.0f ms (p99 %.0f, at most %.0f), and the data was held for %.0f ms at most', count($told),
            1e3 * $told[intdiv(count($told), 2)], 1e3 * $told[(int) (0.99 * count($told))], 1e3 * end($told), 1e3 * end($held),
        );
    }

    /** @return float s until something is kept again, each try sent anew where it is not answered */
    public function again(float $most): float
    {
        $began = microtime(true);
        while ($this->tell()[0] !== 200) {
            Assert::assertLessThan($began + $most, microtime(true), 'answered again');
            usleep(self::PAUSE);
        }

        return microtime(true) - $began;
    }

    /** Something of the day, which the season follows from. */
    public function note(): void
    {
        $now = gmdate('Y-m-d\TH:i:s\Z');
        $uuid = preg_replace('/^(.{8})(.{4})(.{3})(.{3})/', '$1-$2-7$3-8$4-', bin2hex(random_bytes(15)));
        [$status, $said] = $this->device->ask('POST', "/trips/{$this->trip}/events", (string) json_encode([
            'sent_at' => $now, 'events' => [['uuid' => $uuid, 'kind' => 'note', 'at' => $now, 'note' => 'Told meanwhile.']],
        ]));
        Assert::assertSame([200, []], [$status, json_decode($said, true)['refused'] ?? null], $said);
    }

    /** @return array{int, string, float} */
    private function tell(): array
    {
        $aboard = ['aboard' => ['ice' => random_int(1, 9)]];

        return $this->device->ask('PUT', "/trips/{$this->trip}/stores", (string) json_encode($aboard));
    }
}
