<?php

declare(strict_types=1);

namespace App\Database;

/**
 * Names how all that is kept stands, told from the head of the database's index of writes (SQLite, "WAL-Index File
 * Format"): another one with every write, but for those that nothing follows from that anybody is told by it, such as a point
 * of the track.
 *
 * SQLite keeps others out by locks on that index, and a process loses all its locks on a file when it closes the file anywhere
 * (POSIX advisory locks; SQLite, "How To Corrupt An SQLite Database File", 2.2). So it is closed only where nothing of the data
 * is open.
 */
final class DataStand
{
    /** Bytes of the head, which is there twice, and where in it writings and pages written are counted. */
    private const HEAD = 48;

    private const WRITINGS = 8;

    private const WRITTEN = 16;

    /** @var array<string, resource> indices that are never closed, by file */
    private array $held = [];

    /** @param  ?string  $beside  file that tells which writings were of no matter; none where nobody tells */
    public function __construct(private readonly string $database, private readonly ?string $beside)
    {
    }

    /**
     * To be asked before this process opens the data: it would lose its locks on it. Null where it takes the application to tell.
     */
    public function beforeOpening(): ?string
    {
        $index = @fopen($this->index(), 'r');
        if ($index === false) {
            return null;
        }
        $head = self::head($index);
        fclose($index);

        return $head === null ? null : $this->named($head);
    }

    /**
     * A write that is of no matter: everything stands after it as before, where nobody else wrote meanwhile. For a process that
     * has the data open as long as it runs.
     *
     * @param  callable(): bool  $write  tells whether it has written anything
     */
    public function doesNotChangeBy(callable $write): void
    {
        $index = $this->held();
        $before = $index === null ? null : self::head($index);
        if (! $write() || $index === null || $before === null || $this->beside === null) {
            return;
        }
        $after = self::head($index);
        if ($after !== null && self::writings($after) === (self::writings($before) + 1) % 2 ** 32) {
            $told = "{$this->named($before)} ".self::hash($after);
            if (@file_put_contents("{$this->beside}.part", $told) === strlen($told)) {
                @rename("{$this->beside}.part", $this->beside);
            }
        }
    }

    /** @return ?resource the index that is there now */
    private function held()
    {
        clearstatcache();
        $is = @stat($this->index());
        if ($is === false) {
            return null;
        }
        $file = "{$is['dev']}-{$is['ino']}";
        $index = $this->held[$file] ?? @fopen($this->index(), 'r');
        if ($index === false) {
            return null;
        }
        stream_set_read_buffer($index, 0);

        return $this->held[$file] = $index;
    }

    private function index(): string
    {
        return "{$this->database}-shm";
    }

    private function named(string $head): string
    {
        $told = $this->beside === null ? '' : (string) @file_get_contents($this->beside);
        [$stand, $now] = explode(' ', $told, 2) + ['', ''];
        $hash = self::hash($head);

        return $now === $hash ? $stand : $hash;
    }

    /**
     * @param  resource  $index
     *
     * @phpstan-impure
     */
    private static function head($index): ?string
    {
        $head = fseek($index, 0) === 0 ? (string) fread($index, 2 * self::HEAD) : '';
        if (strlen($head) < 2 * self::HEAD || substr($head, 0, self::HEAD) !== substr($head, self::HEAD)) {
            return null;
        }
        // With nothing written yet one index looks like another.
        $written = unpack('V', $head, self::WRITTEN);

        return $written === false || $written[1] === 0 ? null : substr($head, 0, self::HEAD);
    }

    private static function writings(string $head): int
    {
        $count = unpack('L', $head, self::WRITINGS);

        return $count === false ? 0 : $count[1];
    }

    private static function hash(string $head): string
    {
        return hash('sha256', $head);
    }
}
