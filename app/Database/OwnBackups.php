<?php

declare(strict_types=1);

namespace App\Database;

use DateTimeImmutable;
use RuntimeException;

/** Copies Admek makes by itself, in a folder beside the data: the newest ten, of so many bytes together, and always two. */
final readonly class OwnBackups
{
    private const MOST = 10;

    private const LEAST = 2;

    private const MOST_BYTES = 2_000_000_000;

    public const KEPT = 'The newest ten are kept, 2 GB together at most, and always two.';

    /** s from one to the next that no upgrade asks for. */
    private const EVERY = 86_400;

    private string $folder;

    public function __construct(private DataFile $data, private int $most = self::MOST_BYTES)
    {
        $this->folder = dirname($data->path).'/backups';
    }

    /** @return list<string> the newest first */
    public function all(): array
    {
        $files = glob("{$this->folder}/*.sqlite") ?: [];
        rsort($files);

        return $files;
    }

    public function isDue(int $now): bool
    {
        foreach ($this->all() as $backup) {
            $age = $now - (int) filemtime($backup);
            // One from a time still to come was made while the clock was wrong, and says nothing.
            if ($age >= 0 && $age < self::EVERY) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  string  $why  a word for its name
     * @param  string  $second  folder on another disk for one more, or none
     *
     * @throws RuntimeException where one of them cannot be written; nothing is left of that one
     */
    public function make(string $why, string $second = ''): string
    {
        if (! is_dir($this->folder) && ! @mkdir($this->folder)) {
            throw new RuntimeException("{$this->folder} could not be made.");
        }
        $this->data->own($this->folder);
        $name = sprintf('%s-%s.sqlite', (new DateTimeImmutable)->format('Ymd-His-u'), $why);
        $this->data->copyTo("{$this->folder}/{$name}");
        $this->data->own("{$this->folder}/{$name}");
        $this->boundThem();
        if ($second !== '') {
            try {
                $this->data->copyTo("{$second}/{$name}");
            } catch (RuntimeException $error) {
                throw new RuntimeException("It is in {$this->folder} only. {$error->getMessage()}", previous: $error);
            }
        }

        return "{$this->folder}/{$name}";
    }

    /** The oldest give way. */
    private function boundThem(): void
    {
        $bytes = 0;
        foreach ($this->all() as $i => $backup) {
            $bytes += (int) filesize($backup);
            if ($i >= self::LEAST && ($i >= self::MOST || $bytes > $this->most)) {
                unlink($backup);
            }
        }
    }
}
