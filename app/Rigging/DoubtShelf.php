<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\Towing\Doubt\DepthDoubt;
use Admek\Core\Towing\Doubt\KeptDoubts;
use PDO;
use PDOException;

/**
 * The ± worked out while Admek runs, in a file of its own that every worker shares and that is emptied at the start. It only
 * saves time: where it cannot be read or written, each is worked out anew.
 */
final class DoubtShelf implements KeptDoubts
{
    /** Of these the oldest give way: some hundred spreads. */
    private const MOST = 4000;

    /** s to wait for another worker's writing. */
    private const PATIENCE = 1;

    private ?PDO $file = null;

    private bool $opened = false;

    /** @var array<string, string> JSON by key, not yet written */
    private array $fresh = [];

    public function __construct(private readonly string $path)
    {
    }

    public function find(string $key): ?DepthDoubt
    {
        try {
            $asked = $this->file()?->prepare('select figures from doubts where key = ?') ?: null;
            $asked?->execute([$key]);
            $figures = $asked?->fetchColumn();
        } catch (PDOException) {
            return null;
        }
        if (! is_string($figures)) {
            return null;
        }
        /** @var array{float, float, float, array<string, float>} $read */
        $read = json_decode($figures, true);

        return DepthDoubt::ofFigures($read);
    }

    public function keep(string $key, DepthDoubt $doubt): void
    {
        $this->fresh[$key] = json_encode($doubt->figures(), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);
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
            $put = $file->prepare('insert or ignore into doubts (key, figures) values (?, ?)');
            foreach ($this->fresh as $key => $figures) {
                $put->execute([$key, $figures]);
            }
            $file->exec('delete from doubts where id <= (select max(id) from doubts) - '.self::MOST);
            $file->commit();
            $this->fresh = [];
        } catch (PDOException) {
            $this->file = null;
        }
    }

    /** Opened when first asked: a moving hand asks for no ±. */
    private function file(): ?PDO
    {
        if (! $this->opened) {
            $this->opened = true;
            try {
                $file = new PDO("sqlite:{$this->path}", options: [PDO::ATTR_TIMEOUT => self::PATIENCE]);
                $file->exec('pragma synchronous = off');
                $file->exec('create table if not exists doubts (id integer primary key, key text unique, figures text)');
                $this->file = $file;
            } catch (PDOException) {
                $this->file = null;
            }
        }

        return $this->file;
    }
}
