<?php

declare(strict_types=1);

namespace App\Database;

use RuntimeException;

/** Copies Admek makes by itself, in a folder beside the data: the newest ten. */
final readonly class OwnBackups
{
    private const MOST = 10;

    /** s from one to the next that no upgrade asks for. */
    private const EVERY = 86_400;

    private string $folder;

    public function __construct(private DataFile $data)
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
        $name = sprintf('%s-%s-%s.sqlite', date('Ymd-His'), bin2hex(random_bytes(2)), $why);
        $this->data->copyTo("{$this->folder}/{$name}");
        $this->data->own("{$this->folder}/{$name}");
        array_map(unlink(...), array_slice($this->all(), self::MOST));
        if ($second !== '') {
            try {
                $this->data->copyTo("{$second}/{$name}");
            } catch (RuntimeException $error) {
                throw new RuntimeException("It is in {$this->folder} only. {$error->getMessage()}", previous: $error);
            }
        }

        return "{$this->folder}/{$name}";
    }
}
