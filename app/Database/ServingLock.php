<?php

declare(strict_types=1);

namespace App\Database;

use RuntimeException;

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

    /** @throws RuntimeException where somebody has it, or it cannot be made */
    public static function of(string $database): self
    {
        $file = @fopen("{$database}.lock", 'c');
        if ($file === false) {
            throw new RuntimeException("{$database}.lock cannot be written.");
        }
        if (! flock($file, LOCK_EX | LOCK_NB)) {
            throw new RuntimeException('Admek is running on this data. Stop it first.');
        }

        return new self($file);
    }

    public function release(): void
    {
        flock($this->file, LOCK_UN);
        fclose($this->file);
    }
}
