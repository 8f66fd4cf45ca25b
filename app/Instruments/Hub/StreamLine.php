<?php

declare(strict_types=1);

namespace App\Instruments\Hub;

use Closure;
use React\EventLoop\LoopInterface;

/** What is read from a stream that the machine itself holds: broadcasts on a port, a serial port, a file that grows. */
abstract class StreamLine implements Line
{
    /** Bytes of one reading. */
    private const PIECE = 65536;

    /** @var ?resource */
    protected $stream = null;

    private string $why = 'not begun';

    /** @param  Closure(string): void  $tell */
    public function __construct(
        protected readonly LoopInterface $loop, protected readonly string $address, private readonly Closure $tell,
    ) {
    }

    public function tend(): void
    {
        if ($this->stream === null) {
            [$this->stream, $this->why] = $this->begun();
            if ($this->stream !== null) {
                stream_set_blocking($this->stream, false);
                $this->listen($this->stream);
            }
        }
    }

    public function close(): void
    {
        if ($this->stream !== null) {
            $this->loop->removeReadStream($this->stream);
            fclose($this->stream);
            $this->stream = null;
        }
    }

    public function state(): string
    {
        return $this->stream === null ? $this->why : 'listening';
    }

    /** @return array{?resource, string} with why not */
    abstract protected function begun(): array;

    /** @param  resource  $stream */
    protected function listen($stream): void
    {
        $this->loop->addReadStream($stream, fn () => $this->read());
    }

    /** Whether anything came. */
    protected function read(): bool
    {
        $bytes = $this->stream === null ? false : @fread($this->stream, self::PIECE);
        if ($bytes === false || $bytes === '') {
            return false;
        }
        ($this->tell)($this->whole($bytes));

        return true;
    }

    /** What was read in one piece. */
    protected function whole(string $bytes): string
    {
        return $bytes;
    }

    protected function gone(string $why): void
    {
        $this->close();
        $this->why = $why;
    }
}
