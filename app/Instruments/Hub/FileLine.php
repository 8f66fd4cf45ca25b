<?php

declare(strict_types=1);

namespace App\Instruments\Hub;

use React\EventLoop\TimerInterface;

/** A serial port as it sends; or a file another program writes, from its end on. */
final class FileLine extends StreamLine
{
    /** s from one look at a file to the next: files do not say that they grew. */
    private const EVERY = 0.1;

    private const PIECES = 16;

    private ?TimerInterface $timer = null;

    protected function begun(): array
    {
        $kind = @filetype($this->address);
        $real = $kind === 'link' ? @filetype((string) realpath($this->address)) : $kind;
        if (! in_array($real, ['file', 'char', 'fifo'], true)) {
            return [null, $real === false ? 'not there' : 'not a file'];
        }
        // A pipe nobody writes to yet, or a port that is not ready, must not be waited for.
        $stream = @fopen($this->address, 'rn');
        if ($stream === false) {
            return [null, 'it cannot be read'];
        }
        if ($real === 'file') {
            fseek($stream, 0, SEEK_END);
        }

        return [$stream, ''];
    }

    protected function listen($stream): void
    {
        $this->timer = $this->loop->addPeriodicTimer(self::EVERY, function () use ($stream): void {
            clearstatcache(true, $this->address);
            $is = @stat($this->address);
            $held = $this->stream === $stream ? fstat($stream) : false;
            if ($is === false || $held === false || $is['ino'] !== $held['ino']) {
                $this->gone('not there');

                return;
            }
            // Emptied and begun again.
            if (($is['mode'] & 0170000) === 0100000 && ftell($stream) > $is['size']) {
                fseek($stream, 0);
            }
            // What never ends, such as noise, leaves the rest their turn.
            for ($pieces = 0; $pieces < self::PIECES && $this->read(); $pieces++) {
            }
        });
    }

    public function close(): void
    {
        if ($this->timer !== null) {
            $this->loop->cancelTimer($this->timer);
            $this->timer = null;
        }
        parent::close();
    }
}
