<?php

declare(strict_types=1);

namespace App\Days;

use Closure;

/** Where what is told to everybody stands: who finds nothing that is good works it out, and the others wait for that one. */
final readonly class ToldOnce
{
    /** s that it is good for, though something else was heard since. */
    public const GOOD = 1.0;

    /** Between the name of what is worked out and that of a part of it: all parts are worked out together. */
    public const OF_IT = '--';

    /** s that another is waited for which works it out. */
    private const PATIENCE = 1.0;

    /** µs from one look at whether it has to the next. */
    private const LOOK = 4000;

    private const NAME = '/^[a-z0-9-]{1,80}$/D';

    /** @param  ?string  $path  what its files begin with; null where each is worked out anew */
    public function __construct(private ?string $path)
    {
    }

    /**
     * @param  string  $what  is told, in letters of a file's name
     * @param  Closure(): string  $key  all it follows from, but for what is heard and the time
     * @param  string  $news  what was heard
     * @param  callable(string): string  $make  JSON of an object, with the version it is told as
     * @param  float  $good  s
     * @param  string  $known  version that who asks has already: that it is still so needs nothing worked out
     * @param  string  $stand  of all that is kept, from before the first row was read: where nothing was written since,
     *   the key need not be asked for; '' where that cannot be told
     */
    public function told(
        string $what, Closure $key, string $news, callable $make, float $good = self::GOOD, string $known = '',
        string $stand = '',
    ): Told {
        $named = null;
        $key = static function () use ($key, &$named): string {
            return $named ??= $key();
        };
        $does = static fn (?Told $found): bool => $found !== null
            && ($found->isOfNow() || ($found->news === $news && $found->version() === $known))
            && (($stand !== '' && $found->stand === $stand) || $found->key === $key());
        $found = $this->found($what);
        if ($found !== null && $does($found)) {
            return $this->standing($what, $found, $stand);
        }
        $lock = $this->path === null ? false : @fopen("{$this->path}-{$what}.lock", 'c');
        if ($lock !== false) {
            flock($lock, LOCK_EX);
            $found = $this->found($what);
        }
        try {
            if ($found !== null && $does($found)) {
                return $this->standing($what, $found, $stand);
            }
            $told = new Told($key(), $news, Told::now(), $stand, $good, $make(Told::versionOf($key(), $news)));
            $this->write($what, $told);

            return $told;
        } finally {
            if ($lock !== false) {
                fclose($lock);
            }
        }
    }

    /** What follows from nothing that was written since stands as all is kept now: who asks next need not look so far. */
    private function standing(string $what, Told $found, string $stand): Told
    {
        if ($stand !== '' && $found->stand !== $stand) {
            $found = $found->standing($stand);
            $this->write($what, $found);
        }

        return $found;
    }

    /** What was worked out with another, told as if it had been asked for. */
    public function with(string $what, string $key, string $news, string $stand, string $body, float $good = self::GOOD): void
    {
        $this->write($what, new Told($key, $news, Told::now(), $stand, $good, $body));
    }

    /**
     * Whether who asks is the one to work it out, until its request ends; else another was, and has done so by now.
     *
     * @param  float  $patience  s that another is waited for
     */
    public function claims(string $what, float $patience = self::PATIENCE): bool
    {
        $file = $this->path === null || preg_match(self::NAME, $what) !== 1 ? false : @fopen(
            "{$this->path}-".explode(self::OF_IT, $what)[0].'.claim', 'c',
        );
        if ($file === false || flock($file, LOCK_EX | LOCK_NB)) {
            register_shutdown_function(static fn (): bool => $file !== false && fclose($file));

            return true;
        }
        for ($end = microtime(true) + $patience; ! flock($file, LOCK_SH | LOCK_NB);) {
            if (microtime(true) > $end) {
                return true;
            }
            usleep(self::LOOK);
        }
        fclose($file);

        return false;
    }

    /** As it stands there, whatever it is good for. */
    public function found(string $what): ?Told
    {
        $named = $this->path !== null && preg_match(self::NAME, $what) === 1;
        $read = $named ? @file_get_contents("{$this->path}-{$what}") : false;

        return $read === false ? null : Told::read($read);
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
        $text = $told->text();
        $part = "{$this->path}-{$what}.".getmypid();
        // Where it cannot be written each works it out.
        if (@file_put_contents($part, $text) === strlen($text)) {
            @rename($part, "{$this->path}-{$what}");
        } else {
            @unlink($part);
        }
    }
}
