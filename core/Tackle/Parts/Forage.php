<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

/** What fish eat, and lures are made to look like (docs/rules.md). */
enum Forage: string
{
    case Slender = 'slender';
    case Deep = 'deep';
    case Fry = 'fry';
    case Dwellers = 'dwellers';
    case Barred = 'barred';
    case Worms = 'worms';
    case Crayfish = 'crayfish';

    public function word(): string
    {
        return match ($this) {
            self::Slender => 'slender silvery bait',
            self::Deep => 'deep-bodied silvery bait',
            self::Fry => 'small fry',
            self::Dwellers => 'bottom dwellers',
            self::Barred => 'barred young perch',
            self::Worms => 'worms and leeches',
            self::Crayfish => 'crayfish',
        };
    }
}
