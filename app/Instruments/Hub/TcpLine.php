<?php

declare(strict_types=1);

namespace App\Instruments\Hub;

use Closure;
use React\EventLoop\LoopInterface;
use React\Socket\ConnectionInterface;
use React\Socket\Connector;
use Throwable;

/** A gateway on the boat's network, dialled, and dialled again when it goes. */
final class TcpLine implements Line
{
    /** s a gateway has to answer, and s of silence after which one that is gone without a word is dialled anew. */
    private const PATIENCE = 4.0;

    private const SILENCE = 30.0;

    /** A GPS daemon says who it is and waits to be asked (gpsd's documentation, "gpsd_json"); it passes sentences on then. */
    private const ASKS_FIRST = '{"class":"VERSION"';

    private const ASKED = "?WATCH={\"enable\":true,\"nmea\":true};\n";

    private ?ConnectionInterface $connection = null;

    private bool $dialling = false;

    private bool $closed = false;

    private string $why = 'not dialled yet';

    private float $heard = 0.0;

    /** @param  Closure(string): void  $tell */
    public function __construct(
        private readonly LoopInterface $loop, private readonly string $address, private readonly Closure $tell,
    ) {
    }

    public function tend(): void
    {
        if ($this->connection !== null && microtime(true) - $this->heard > self::SILENCE) {
            $this->why = 'silent; dialled anew';
            $this->connection->close();
        }
        if ($this->connection !== null || $this->dialling || $this->closed) {
            return;
        }
        $this->dialling = true;
        (new Connector(['timeout' => self::PATIENCE], $this->loop))->connect($this->address)->then(
            $this->connected(...),
            function (Throwable $failed): void {
                $this->dialling = false;
                $this->why = self::reason($failed->getMessage());
            },
        );
    }

    public function close(): void
    {
        $this->closed = true;
        $this->connection?->close();
    }

    public function state(): string
    {
        return $this->connection === null ? $this->why : 'connected';
    }

    private function connected(ConnectionInterface $connection): void
    {
        $this->dialling = false;
        if ($this->closed) {
            $connection->close();

            return;
        }
        $this->connection = $connection;
        $this->heard = microtime(true);
        $connection->on('data', function (string $bytes) use ($connection): void {
            $this->heard = microtime(true);
            if (str_starts_with($bytes, self::ASKS_FIRST)) {
                $connection->write(self::ASKED);
            }
            ($this->tell)($bytes);
        });
        $connection->on('close', function (): void {
            $this->why = $this->why === 'silent; dialled anew' ? $this->why : 'it hung up';
            $this->connection = null;
        });
    }

    /** The cause alone, of a message that begins with what was tried. */
    private static function reason(string $message): string
    {
        return match (true) {
            str_contains($message, 'refused') => 'nothing answers there',
            str_contains($message, 'timed out') => 'no answer',
            str_contains($message, 'unreachable') || str_contains($message, 'No route') => 'no way there on this network',
            str_contains($message, 'DNS') => 'nobody is known by that name',
            default => 'it cannot be reached',
        };
    }
}
