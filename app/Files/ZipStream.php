<?php

declare(strict_types=1);

namespace App\Files;

use DateTimeInterface;
use OverflowException;

/**
 * Files packed into one as they come (.ZIP File Format Specification 6.3, without its 64 bit fields): what was handed on need not
 * be remembered, but for where each file begins.
 */
final class ZipStream
{
    /** That it takes to unpack: deflated. */
    private const NEEDS = 20;

    /** Names are of UTF-8. */
    private const FLAGS = 0x0800;

    private const DEFLATED = 8;

    /** Bytes, and files, that its fields can tell of. */
    private const MOST = 0xFFFFFFFF;

    private const MOST_FILES = 0xFFFF;

    private const LEVEL = 1;

    private int $written = 0;

    /** @var list<string> */
    private array $directory = [];

    /**
     * @return string bytes of the file
     *
     * @throws OverflowException where there would be more than such a file holds
     */
    public function file(string $name, string $content, DateTimeInterface $changed): string
    {
        $deflated = (string) gzdeflate($content, self::LEVEL);
        $told = pack(
            'vvvvvVVVv', self::NEEDS, self::FLAGS, self::DEFLATED, self::time($changed), self::date($changed), crc32($content),
            strlen($deflated), strlen($content), strlen($name),
        );
        $file = pack('V', 0x04034B50).$told.pack('v', 0).$name.$deflated;
        if ($this->written + strlen($file) > self::MOST || count($this->directory) >= self::MOST_FILES) {
            throw new OverflowException('More days than one file holds.');
        }
        $this->directory[] = pack('Vv', 0x02014B50, self::NEEDS).$told.pack('vvvvVV', 0, 0, 0, 0, 0, $this->written).$name;
        $this->written += strlen($file);

        return $file;
    }

    /** @return string its last bytes, after which none come */
    public function end(): string
    {
        $directory = implode('', $this->directory);
        $files = count($this->directory);

        return $directory.pack('VvvvvVVv', 0x06054B50, 0, 0, $files, $files, strlen($directory), $this->written, 0);
    }

    private static function time(DateTimeInterface $at): int
    {
        [$hour, $minute, $second] = array_map(intval(...), explode(' ', $at->format('G i s')));

        return $hour << 11 | $minute << 5 | $second >> 1;
    }

    private static function date(DateTimeInterface $at): int
    {
        [$year, $month, $day] = array_map(intval(...), explode(' ', $at->format('Y n j')));

        return max(0, $year - 1980) << 9 | $month << 5 | $day;
    }
}
