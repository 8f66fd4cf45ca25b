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
     * @param  float  $good  s that it is good for, though something was heard since
     * @param  string  $body  JSON
     */
    public function __construct(
        public string $key, public string $news, public float $at, public string $stand, public float $good, public string $body,
    ) {
    }

    /** As it was read from a file; null where it is none. */
    public static function read(string $text): ?self
    {
        $parts = explode("\n", $text, 6);

        return count($parts) === 6
            ? new self($parts[0], $parts[1], (float) $parts[2], $parts[3], (float) $parts[4], $parts[5]) : null;
    }

    public function text(): string
    {
        return implode("\n", [
            $this->key, $this->news, sprintf('%.3F', $this->at), $this->stand, sprintf('%.3F', $this->good), $this->body,
        ]);
    }

    /** The same, as all that is kept stands now. */
    public function standing(string $stand): self
    {
        return new self($this->key, $this->news, $this->at, $stand, $this->good, $this->body);
    }

    /** Names what it was worked out from. */
    public function version(): string
    {
        return self::versionOf($this->key, $this->news);
    }

    /** Whether it was worked out just now: what it says of ages and of what is heard is so still. */
    public function isOfNow(): bool
    {
        return abs(self::now() - $this->at) < $this->good;
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
