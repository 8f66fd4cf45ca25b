<?php

declare(strict_types=1);

namespace App\Database;

use PDO;
use PDOException;

/**
 * SQLite whose transactions take the write lock as they begin: what reads before it writes has then read the last word, and
 * waits for its turn at the start (busy_timeout) rather than failing when it upgrades (SQLite's documentation, "Transaction").
 * PDO itself can only begin deferred; the framework's own transaction_mode asks for PHP 8.4.
 */
final class ImmediatePdo extends PDO
{
    private bool $begun = false;

    public function beginTransaction(): bool
    {
        $this->exec('begin immediate');

        return true;
    }

    /** A transaction begun by hand is one too: later PHPs let the framework do so. */
    public function exec(string $statement): int|false
    {
        $done = parent::exec($statement);
        $this->begun = $this->begun || stripos($statement, 'begin') === 0;

        return $done;
    }

    public function commit(): bool
    {
        $this->exec('commit');
        $this->begun = false;

        return true;
    }

    /** On a full disk, and some other faults, SQLite has rolled back by itself: then there is nothing left to do. */
    public function rollBack(): bool
    {
        $this->begun = false;
        try {
            $this->exec('rollback');
        } catch (PDOException $error) {
            if (! str_contains($error->getMessage(), 'no transaction is active')) {
                throw $error;
            }
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->begun;
    }
}
