<?php

declare(strict_types=1);

namespace App\Instruments\Hub;

/** Broadcasts on a port; a datagram is whole lines. */
final class UdpLine extends StreamLine
{
    protected function begun(): array
    {
        $stream = @stream_socket_server("udp://0.0.0.0:{$this->address}", $code, $why, STREAM_SERVER_BIND);

        return $stream === false ? [null, 'the port is taken'] : [$stream, ''];
    }

    protected function whole(string $bytes): string
    {
        return str_ends_with($bytes, "\n") ? $bytes : "{$bytes}\n";
    }
}
