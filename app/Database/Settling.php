<?php

declare(strict_types=1);

namespace App\Database;

use Symfony\Component\Process\InputStream;
use Symfony\Component\Process\Process;

/**
 * Brings what is being written to a long file to the disk bit by bit, from beside. Left to its end all of it would go at once,
 * and whoever commits something meanwhile would wait for that.
 */
final class Settling
{
    /** Until its input ends, which it does with whoever began it. */
    private const LOOP = <<<'PHP'
        for ($ended = [STDIN], $none = null; stream_select($ended, $none, $none, 0, 50_000) === 0; $ended = [STDIN]) {
            $file = @fopen($argv[1], 'r+');
            if ($file !== false) {
                fdatasync($file);
                fclose($file);
            }
        }
        PHP;

    /**
     * @param  string  $file  need not be there yet
     * @param  callable(): mixed  $write
     */
    public static function while(string $file, callable $write): void
    {
        $open = new InputStream;
        $settles = new Process([PHP_BINARY, '-r', self::LOOP, $file], input: $open, timeout: null);
        $settles->start();
        try {
            $write();
        } finally {
            $open->close();
            $settles->stop();
        }
    }
}
