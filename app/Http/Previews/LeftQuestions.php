<?php

declare(strict_types=1);

namespace App\Http\Previews;

use PDO;
use PDOException;

/**
 * What screens asked and no longer wait for, in the file that every worker shares: it is not worked out to its end. Where
 * nothing can be kept each is.
 */
final class LeftQuestions
{
    /** s between looks. */
    private const EVERY = 0.02;

    /** s to wait for another worker's writing. */
    private const PATIENCE = 1;

    /** Screens that are remembered. */
    private const MOST = 64;

    private ?PDO $file = null;

    /** @param  ?string  $path  null where no file is shared */
    public function __construct(private readonly ?string $path)
    {
    }

    /** A screen waits for none of its questions up to that number. */
    public function leave(string $screen, int $number): void
    {
        try {
            $file = $this->file();
            $put = $file?->prepare('insert or replace into left_questions (screen, number) values (?, ?)') ?: null;
            $put?->execute([$screen, $number]);
            $file?->exec('delete from left_questions where rowid <= (select max(rowid) from left_questions) - '.self::MOST);
        } catch (PDOException) {
            $this->file = null;
        }
    }

    /** @return \Closure(): bool whether a screen waits for its question of that number */
    public function waiting(string $screen, int $number): \Closure
    {
        $looked = -INF;
        $waits = true;

        return function () use ($screen, $number, &$looked, &$waits): bool {
            if ($waits && hrtime(true) - $looked > 1e9 * self::EVERY) {
                $waits = $this->left($screen) < $number;
                $looked = hrtime(true);
            }

            return $waits;
        };
    }

    private function left(string $screen): int
    {
        try {
            $asked = $this->file()?->prepare('select number from left_questions where screen = ?') ?: null;
            $asked?->execute([$screen]);

            return (int) $asked?->fetchColumn();
        } catch (PDOException) {
            return 0;
        }
    }

    private function file(): ?PDO
    {
        if ($this->file === null && $this->path !== null) {
            $this->file = new PDO("sqlite:{$this->path}", options: [PDO::ATTR_TIMEOUT => self::PATIENCE]);
            $this->file->exec('pragma synchronous = off');
            $this->file->exec('create table if not exists left_questions (screen text primary key, number integer)');
        }

        return $this->file;
    }
}
