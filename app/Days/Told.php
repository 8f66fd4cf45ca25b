<?php

declare(strict_types=1);

namespace App\Days;

/** What is told to everybody who asks the same: worked out once, and for a moment good though something was heard since. */
final readonly class Told
{
    /**
     * @param  string  $key  all it follows from, but for what is heard
     * @param  string  $news  what was heard
     * @param  float  $at  s of this machine's running
     * @param  string  $stand  of all that is kept, as it was then; '' where that cannot be told
     * @param  string  $body  JSON
     */
    public function __construct(public string $key, public string $news, public float $at, public string $stand, public string $body)
    {
    }

    /** Names what it was worked out from. */
    public function version(): string
    {
        return self::versionOf($this->key, $this->news);
    }

    /**
     * Whether it was worked out just now: what it says of ages and of what is heard is so still.
     *
     * @param  float  $good  s
     */
    public function isOfNow(float $good): bool
    {
        return abs(self::now() - $this->at) < $good;
    }

    /** s of this machine's running. */
    public static function now(): float
    {
        return hrtime(true) / 1e9;
    }

    public static function versionOf(string $key, string $news): string
    {
        return "{$key}-{$news}";
    }
}
