<?php

declare(strict_types=1);

namespace App\Devices;

use RuntimeException;

/**
 * What the laptop Admek runs on is called in what it tells: in a file of its own beside the data and in no backup, so that two
 * laptops with one boat's data are two. One that nobody named is called by its key.
 */
final readonly class LaptopName
{
    private const CONSONANTS = 'bdfgklmnprstvz';

    private const VOWELS = 'aeiou';

    private const SYLLABLES = 2;

    public function __construct(private string $database)
    {
    }

    public function told(): string
    {
        $given = is_file($this->file()) ? trim((string) file_get_contents($this->file())) : '';
        $key = CookieKey::of($this->database);

        return $given !== '' ? $given : ($key === null ? 'The laptop' : 'Laptop '.self::word($key));
    }

    /** @throws RuntimeException where it cannot be written */
    public function give(string $name): void
    {
        $part = "{$this->file()}.part";
        if (@file_put_contents($part, $name) !== strlen($name) || ! @rename($part, $this->file())) {
            @unlink($part);
            throw new RuntimeException("{$this->file()} cannot be written.");
        }
    }

    private function file(): string
    {
        return "{$this->database}.name";
    }

    /** Two syllables that nothing of the key can be told from. */
    private static function word(string $key): string
    {
        $hash = hash('sha256', "laptop {$key}", true);
        $word = '';
        for ($i = 0; $i < self::SYLLABLES; $i++) {
            $word .= self::CONSONANTS[ord($hash[2 * $i]) % strlen(self::CONSONANTS)]
                .self::VOWELS[ord($hash[2 * $i + 1]) % strlen(self::VOWELS)];
        }

        return ucfirst($word);
    }
}
