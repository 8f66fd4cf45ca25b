<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

/** By what way instruments are heard. */
enum SourceKind: string
{
    case Tcp = 'tcp';
    case Udp = 'udp';
    case File = 'file';

    public function words(): string
    {
        return match ($this) {
            self::Tcp => 'a gateway, dialled (TCP)',
            self::Udp => 'broadcast, listened to (UDP)',
            self::File => 'a serial port, or a file that grows',
        };
    }

    /** What its address is, for who types one. */
    public function addressed(): string
    {
        return match ($this) {
            self::Tcp => 'address:port, such as 192.0.2.10:10110',
            self::Udp => 'a port to listen on, such as 10110',
            self::File => 'a path on this machine, from the root, such as /dev/ttyUSB0',
        };
    }

    public function takes(string $address): bool
    {
        return match ($this) {
            self::Tcp => preg_match('/^([A-Za-z0-9.-]{1,253}|\[[0-9A-Fa-f:.]{2,45}\]):(\d{1,5})$/', $address, $parts) === 1
                && self::isPort((int) $parts[2]),
            self::Udp => preg_match('/^\d{1,5}$/', $address) === 1 && self::isPort((int) $address) && (int) $address >= 1024,
            self::File => preg_match('~^/[^\x00-\x1f]{1,250}$~', $address) === 1,
        };
    }

    private static function isPort(int $port): bool
    {
        return $port >= 1 && $port <= 65535;
    }
}
