<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

/** What a finish does in the water, told from the words a captain calls it by (docs/rules.md). */
enum Finish: string
{
    /** Shines or shouts: metals, hot colours. */
    case Loud = 'loud';
    /** Keeps light and gives it back where there is none. */
    case Glow = 'glow';
    /** As bait is: silver, pearl, blue, plain. */
    case Natural = 'natural';
    /** A dark outline against what light there is. */
    case Dark = 'dark';

    private const WORDS = [
        'glow' => ['glow', 'luminous', 'phosphor'],
        'loud' => [
            'gold', 'copper', 'brass', 'bronze', 'orange', 'red', 'pink', 'chartreuse', 'lime', 'yellow', 'hot', 'rust', 'amber',
            'green', 'hammered', 'fluorescent', 'flame',
        ],
        'natural' => [
            'silver', 'pearl', 'blue', 'white', 'chalk', 'grey', 'gray', 'slate', 'natural', 'plain', 'nickel', 'cut', 'perch',
            'barred', 'moss', 'olive', 'smoke', 'clear', 'brown', 'barley',
        ],
        'dark' => ['black', 'crow', 'dark', 'purple', 'coal', 'deep', 'midnight', 'plum'],
    ];

    /** @return list<self> each it has something of; none where its words say nothing */
    public static function in(string $words): array
    {
        $found = [];
        $said = preg_split('/[^\p{L}]+/u', mb_strtolower($words), flags: PREG_SPLIT_NO_EMPTY) ?: [];
        foreach (self::WORDS as $finish => $of) {
            if (array_intersect($of, $said) !== []) {
                $found[] = self::from($finish);
            }
        }

        return $found;
    }
}
