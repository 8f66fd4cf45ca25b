<?php

declare(strict_types=1);

namespace App\Database;

use PDO;
use PDOException;
use RuntimeException;

/** A boat's data as a file: whether it is whole, copied so that it stays whole, put in place so that no moment is without it. */
final readonly class DataFile
{
    public const NEWER = 'A newer Admek has written it: bring this one up to date first.';

    /** Beside the file itself while it is open, or after a crash. */
    private const BESIDE = ['-wal', '-shm'];

    /** s after which nobody is at work any more on a part of a copy. */
    private const STALE = 3600;

    public function __construct(public string $path, private Migrations $migrations)
    {
    }

    public function at(string $path): self
    {
        return new self($path, $this->migrations);
    }

    /**
     * What is wrong with it, in words; an older one is not wrong.
     *
     * @return list<string>
     */
    public function faults(): array
    {
        if (! is_file($this->path) || ! is_readable($this->path)) {
            return ['There is no such file, or it may not be read.'];
        }
        try {
            $database = self::opened($this->path);
            $faults = array_values(array_diff(self::column($database, 'pragma integrity_check(20)'), ['ok']));
            $orphans = count(self::column($database, 'pragma foreign_key_check'));
            $tables = self::column($database, "select name from sqlite_master where type = 'table'");
            $missing = array_diff(['migrations', 'boats', 'trips', 'spreads', 'bites'], $tables);
            if ($missing !== []) {
                return [...$faults, 'It is not Admek’s: it has no '.implode(', ', $missing).'.'];
            }
            if ($this->knowsMore($database)) {
                $faults[] = self::NEWER;
            }
            if (self::column($database, 'select id from boats') === []) {
                $faults[] = 'It holds no boat.';
            }

            return [...$faults, ...($orphans === 0 ? [] : ["{$orphans} rows belong to nothing."])];
        } catch (PDOException $error) {
            return ["It is damaged, or no database: {$error->getMessage()}."];
        }
    }

    public function isEmpty(): bool
    {
        return ! is_file($this->path) || filesize($this->path) === 0;
    }

    /** Whether an Admek newer than this one has written it. */
    public function isNewer(): bool
    {
        try {
            return ! $this->isEmpty() && $this->knowsMore(self::opened($this->path));
        } catch (PDOException) {
            return false;
        }
    }

    private function knowsMore(PDO $database): bool
    {
        return array_diff(self::column($database, 'select migration from migrations'), $this->migrations->known()) !== [];
    }

    /** Whether it is as this Admek writes it. */
    public function isCurrent(): bool
    {
        if ($this->isEmpty()) {
            return false;
        }
        try {
            $ran = self::column(self::opened($this->path), 'select migration from migrations');

            return array_diff($this->migrations->current(), $ran) === [];
        } catch (PDOException) {
            return false;
        }
    }

    /**
     * A whole copy of it as it is now, under a name nobody has; while others write, too.
     *
     * @throws RuntimeException where it cannot be written whole; nothing is left then
     */
    public function copyTo(string $file): void
    {
        self::sweep(dirname($file));
        $part = self::beside($file, 'part');
        try {
            Settling::while($part, fn (): bool => self::opened($this->path)->prepare('vacuum into ?')->execute([$part]));
            $faults = $this->at($part)->faults();
            if (array_diff($faults, ['It holds no boat.']) !== []) {
                throw new RuntimeException(implode(' ', $faults));
            }
            self::settle($part);
            if (! @link($part, $file)) {
                throw new RuntimeException("{$file} is there already, or its folder may not be written.");
            }
            self::settle(dirname($file));
        } catch (PDOException $error) {
            throw new RuntimeException($error->getMessage(), previous: $error);
        } finally {
            @unlink($part);
        }
    }

    /**
     * Puts a copy of another file in its place. What was there is kept whole, damaged or not, under a name of its own; until the
     * very last step it stands where it stood.
     *
     * @return ?string where what was there is kept
     *
     * @throws RuntimeException where that cannot be done; what was there still stands
     */
    public function replaceBy(self $other): ?string
    {
        $incoming = self::beside($this->path, 'incoming');
        try {
            if (! @copy($other->path, $incoming) || filesize($incoming) !== filesize($other->path)) {
                throw new RuntimeException('The copy could not be written whole: a full disk, or a folder not to be written.');
            }
            self::settle($incoming);
            $this->own($incoming);
            $kept = is_file($this->path) ? $this->keepAside() : null;
            rename($incoming, $this->path);
            self::settle(dirname($this->path));

            return $kept;
        } finally {
            @unlink($incoming);
        }
    }

    /**
     * Another file is what this one was, from one moment to the next; nothing is kept of what was there.
     *
     * @throws RuntimeException where the other is not whole, or this one is still open
     */
    public function become(self $other): void
    {
        if (array_diff($other->faults(), ['It holds no boat.']) !== []) {
            throw new RuntimeException(implode(' ', $other->faults()));
        }
        if (! $this->isEmpty()) {
            self::opened($this->path)->exec('pragma wal_checkpoint(truncate)');
        }
        if (is_file("{$this->path}-wal")) {
            throw new RuntimeException("{$this->path} is still open somewhere.");
        }
        self::settle($other->path);
        $this->own($other->path);
        rename($other->path, $this->path);
        self::settle(dirname($this->path));
    }

    public function remove(): void
    {
        foreach (['', ...self::BESIDE] as $part) {
            @unlink($this->path.$part);
        }
    }

    private function keepAside(): string
    {
        try {
            // Folds the journal in, where that can be done.
            self::opened($this->path)->exec('pragma wal_checkpoint(truncate)');
        } catch (PDOException) {
            // A damaged one is kept as it is, with its journal.
        }
        $kept = self::beside($this->path, 'before');
        if (! link($this->path, $kept)) {
            throw new RuntimeException('What is there could not be kept.');
        }
        foreach (self::BESIDE as $journal) {
            if (is_file($this->path.$journal)) {
                rename($this->path.$journal, $kept.$journal);
            }
        }

        return $kept;
    }

    /** Parts of copies that were killed while they were made. */
    private static function sweep(string $folder): void
    {
        foreach (glob("{$folder}/*.part-*") ?: [] as $part) {
            if ((int) @filemtime($part) < time() - self::STALE) {
                @unlink($part);
            }
        }
    }

    /** What root makes beside another user's data is that user's, who could not write it otherwise. */
    public function own(string $path): void
    {
        if (posix_geteuid() === 0) {
            $folder = dirname($this->path);
            @chown($path, (int) fileowner($folder));
            @chgrp($path, (int) filegroup($folder));
        }
    }

    private static function opened(string $path): PDO
    {
        return new PDO("sqlite:{$path}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 10]);
    }

    /** @return list<string> */
    private static function column(PDO $database, string $query): array
    {
        $asked = $database->query($query);

        return $asked === false ? [] : array_map(strval(...), array_values($asked->fetchAll(PDO::FETCH_COLUMN)));
    }

    private static function beside(string $path, string $what): string
    {
        return sprintf('%s.%s-%s-%s', $path, $what, date('Ymd-His'), bin2hex(random_bytes(3)));
    }

    /** Waits until a file, or a folder's list of files, is on the disk. */
    private static function settle(string $path): void
    {
        $open = @fopen($path, is_dir($path) ? 'r' : 'r+');
        if ($open === false || ! fsync($open)) {
            throw new RuntimeException("{$path} did not reach the disk.");
        }
        fclose($open);
    }
}
