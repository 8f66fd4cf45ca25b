<?php

declare(strict_types=1);

namespace App\Files;

use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/**
 * How far the reading of a long file has come, told to whoever waits for it under the id it was sent with, and given up when they
 * say so: another request than the one that reads. In files beside each other, since one process reads and another asks.
 */
final class LongReading
{
    public const ID = '[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}';

    /** s between two tellings. */
    private const EVERY = 0.2;

    /** s after which nobody reads what was given up. */
    private const FORGOTTEN = 3600;

    private float $told = 0.0;

    private function __construct(private readonly ?string $file)
    {
        $this->tell(0.0);
    }

    /** @param  ?string  $id  under which somebody may ask; none where nobody does */
    public static function begin(?string $id): self
    {
        return new self($id !== null && preg_match('/^'.self::ID.'$/D', $id) === 1 ? self::file($id) : null);
    }

    /** @return ?float the part that is read; null where nothing is read under this id */
    public static function part(string $id): ?float
    {
        $told = @file_get_contents(self::file($id));

        return $told === false ? null : (float) $told;
    }

    /** Before it has begun, too: what gives it up may come before what reads it. */
    public static function giveUp(string $id): void
    {
        foreach (glob(self::file('*').'.out') ?: [] as $old) {
            if ((int) @filemtime($old) < time() - self::FORGOTTEN) {
                @unlink($old);
            }
        }
        touch(self::file($id).'.out');
    }

    /**
     * Called as often as one likes.
     *
     * @param  float  $part  read so far, 0 to 1
     *
     * @throws ConflictHttpException where it was given up
     */
    public function at(float $part): void
    {
        if (microtime(true) - $this->told >= self::EVERY) {
            $this->mustBeWanted();
            $this->tell($part);
        }
    }

    /**
     * Called before anything is kept.
     *
     * @throws ConflictHttpException where it was given up
     */
    public function mustBeWanted(): void
    {
        clearstatcache();
        if ($this->file !== null && is_file("{$this->file}.out")) {
            throw new ConflictHttpException('Given up. Nothing was kept.');
        }
    }

    public function end(): void
    {
        if ($this->file !== null) {
            @unlink($this->file);
            @unlink("{$this->file}.out");
        }
    }

    private function tell(float $part): void
    {
        $this->told = microtime(true);
        if ($this->file !== null) {
            file_put_contents($this->file, sprintf('%.3F', min(1.0, $part)));
        }
    }

    private static function file(string $id): string
    {
        return sys_get_temp_dir()."/admek-reading-{$id}";
    }
}
