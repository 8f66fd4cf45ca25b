<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * A good file spoilt in one to three places, as bad disks, other programs and impatient hands do. The same seed gives the same
 * ones.
 */
final class Mutants
{
    private const PIECES = [
        "\0", "\xFF\xFE", "\u{FEFF}", "\r", "\n\n", '"', "'", '<', '&#0;', '&lt;', ']]>',
        '<!DOCTYPE x [<!ENTITY e "e">]>', '{',
        '[[[[[[[[', '-', '1e999', '-1e308', '9007199254740993', '0.0000000001', 'NaN', 'null', 'true', ',', ';', ';;',
        "\t", '°', "\u{202E}", '=cmd|x',
        '99999-99-99', '-0', '1,5', '١٢',
    ];

    private const INSTEAD = ['null', '[]', '{}', '""', '0', 'true'];

    private readonly Chance $chance;

    public function __construct(int $seed)
    {
        $this->chance = new Chance($seed);
    }

    public function of(string $text): string
    {
        for ($i = $this->chance->below(3); $i >= 0; $i--) {
            $text = $this->spoilt($text);
        }

        return $text;
    }

    private function spoilt(string $text): string
    {
        $length = strlen($text);
        if ($length < 2) {
            return $text.self::PIECES[$this->chance->below(count(self::PIECES))];
        }
        $at = $this->chance->below($length);
        $piece = self::PIECES[$this->chance->below(count(self::PIECES))];

        return match ($this->chance->below(9)) {
            0 => substr($text, 0, $at),
            1 => substr($text, $at),
            2 => substr_replace($text, chr($this->chance->below(256)), $at, 1),
            3 => substr_replace($text, '', $at, 1 + $this->chance->below(min(80, $length - $at))),
            4 => substr_replace($text, $piece, $at, 0),
            5 => substr_replace($text, substr($text, $this->chance->below($length), 1 + $this->chance->below(200)), $at, 0),
            6 => $this->other('/-?\d+(?:\.\d+)?/', $text, $piece),
            7 => $this->other('/"[^"]*"/', $text, self::INSTEAD[$this->chance->below(count(self::INSTEAD))]),
            default => $this->other('/[^\n]*\n/', $text, ''),
        };
    }

    /** One of what a pattern finds in the place of another. */
    private function other(string $pattern, string $text, string $with): string
    {
        $found = preg_match_all($pattern, $text, $all, PREG_OFFSET_CAPTURE);
        if ($found === false || $found === 0) {
            return $text.$with;
        }
        [$was, $at] = $all[0][$this->chance->below($found)];

        return substr_replace($text, $with, $at, strlen($was));
    }
}
