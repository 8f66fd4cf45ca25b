<?php

declare(strict_types=1);

namespace App\Database;

/**
 * Held by whatever serves a database, for as long as any part of it lives (launcher/serving.sh takes the same): who would put
 * another file in its place asks for it first.
 */
final class ServingLock
{
    /** @param  resource  $file */
    private function __construct(private $file)
    {
    }

    /** Null where somebody has it. */
    public static function of(string $database): ?self
    {
        $file = fopen("{$database}.lock", 'c');

        return $file !== false && flock($file, LOCK_EX | LOCK_NB) ? new self($file) : null;
    }

    public function release(): void
    {
        flock($this->file, LOCK_UN);
        fclose($this->file);
    }
}
