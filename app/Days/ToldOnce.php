<?php

declare(strict_types=1);

namespace App\Days;

/** Where what is told to everybody stands: who finds nothing that is good works it out, and the others wait for that one. */
final readonly class ToldOnce
{
    /** s that it is good for, though something else was heard since. */
    public const GOOD = 1.0;

    private const NAME = '/^[a-z0-9-]{1,80}$/D';

    /** @param  ?string  $path  what its files begin with; null where each is worked out anew */
    public function __construct(private ?string $path)
    {
    }

    /**
     * @param  string  $what  is told, in letters of a file's name
     * @param  string  $key  all it follows from, but for what is heard and the time
     * @param  string  $news  what was heard
     * @param  callable(string): string  $make  JSON of an object, with the version it is told as
     * @param  float  $good  s
     * @param  string  $known  version that who asks has already: that it is still so needs nothing worked out
     */
    public function told(
        string $what, string $key, string $news, callable $make, float $good = self::GOOD, string $known = '',
    ): Told {
        $does = static fn (?Told $found): bool => $found !== null && $found->key === $key
            && ($found->isOfNow($good) || ($found->news === $news && $found->version() === $known));
        $found = $this->found($what);
        if ($found !== null && $does($found)) {
            return $found;
        }
        $lock = $this->path === null ? false : @fopen("{$this->path}-{$what}.lock", 'c');
        if ($lock !== false) {
            flock($lock, LOCK_EX);
            $found = $this->found($what);
        }
        try {
            if ($found !== null && $does($found)) {
                return $found;
            }
            $told = new Told($key, $news, Told::now(), $make(Told::versionOf($key, $news)));
            $this->write($what, $told);

            return $told;
        } finally {
            if ($lock !== false) {
                fclose($lock);
            }
        }
    }

    /** As it stands there, whatever it is good for. */
    public function found(string $what): ?Told
    {
        $named = $this->path !== null && preg_match(self::NAME, $what) === 1;
        $read = $named ? @file_get_contents("{$this->path}-{$what}") : false;
        $parts = $read === false ? [] : explode("\n", $read, 4);

        return count($parts) === 4 ? new Told($parts[0], $parts[1], (float) $parts[2], $parts[3]) : null;
    }

    /**
     * A body that is told to everybody, with the moment it is told at.
     *
     * @param  float  $now  s since 1970 UTC
     */
    public static function atMoment(string $body, float $now): string
    {
        $ms = (int) floor(1000.0 * $now);

        return sprintf('{"now":"%s.%03dZ",%s', gmdate('Y-m-d\TH:i:s', intdiv($ms, 1000)), $ms % 1000, substr($body, 1));
    }

    private function write(string $what, Told $told): void
    {
        if ($this->path === null) {
            return;
        }
        $text = implode("\n", [$told->key, $told->news, sprintf('%.3F', $told->at), $told->body]);
        $part = "{$this->path}-{$what}.".getmypid();
        // Where it cannot be written each works it out.
        if (@file_put_contents($part, $text) === strlen($text)) {
            @rename($part, "{$this->path}-{$what}");
        } else {
            @unlink($part);
        }
    }
}
