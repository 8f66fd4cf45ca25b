<?php

declare(strict_types=1);

namespace App\Rigging;

use PDO;
use PDOException;

/**
 * What was worked out while Admek runs, by a hash of all it follows from, in a file of its own that every worker shares and that
 * is emptied at the start. It only saves time: where it cannot be read or written, each is worked out anew.
 */
final class Shelf
{
    /** s to wait for another worker's writing. */
    private const PATIENCE = 1;

    private ?PDO $file = null;

    private bool $opened = false;

    /** @var array<string, string> by key, not yet written */
    private array $fresh = [];

    /**
     * @param  string  $kind  what stands on it, one word
     * @param  int  $most  of these the oldest give way
     */
    public function __construct(private readonly string $path, private readonly string $kind, private readonly int $most)
    {
    }

    public function find(string $key): ?string
    {
        try {
            $asked = $this->file()?->prepare("select made from {$this->kind} where key = ?") ?: null;
            $asked?->execute([$key]);
            $made = $asked?->fetchColumn();
        } catch (PDOException) {
            return null;
        }

        return is_string($made) ? $made : null;
    }

    /**
     * What was made of it before, or is made now; without a shelf it is made each time.
     *
     * @param  list<mixed>  $of  all it follows from
     * @param  callable(): string  $make
     */
    public static function made(?self $shelf, array $of, callable $make): string
    {
        if ($shelf === null) {
            return $make();
        }
        $key = hash('xxh128', serialize($of));
        $made = $shelf->find($key);
        if ($made === null) {
            $made = $make();
            $shelf->keep($key, $made);
        }

        return $made;
    }

    public function keep(string $key, string $made): void
    {
        $this->fresh[$key] = $made;
    }

    /** Writes what is new, once the answer has gone out. */
    public function write(): void
    {
        $file = $this->fresh === [] ? null : $this->file();
        if ($file === null) {
            return;
        }
        try {
            $file->beginTransaction();
            $put = $file->prepare("insert or ignore into {$this->kind} (key, made) values (?, ?)");
            foreach ($this->fresh as $key => $made) {
                $put->execute([$key, $made]);
            }
            $file->exec("delete from {$this->kind} where id <= (select max(id) from {$this->kind}) - {$this->most}");
            $file->commit();
            $this->fresh = [];
        } catch (PDOException) {
            $this->file = null;
        }
    }

    /** Opened when first asked: a moving hand asks for nothing kept. */
    private function file(): ?PDO
    {
        if (! $this->opened) {
            $this->opened = true;
            try {
                $file = new PDO("sqlite:{$this->path}", options: [PDO::ATTR_TIMEOUT => self::PATIENCE]);
                $file->exec('pragma synchronous = off');
                $file->exec("create table if not exists {$this->kind} (id integer primary key, key text unique, made text)");
                $this->file = $file;
            } catch (PDOException) {
                $this->file = null;
            }
        }

        return $this->file;
    }
}
