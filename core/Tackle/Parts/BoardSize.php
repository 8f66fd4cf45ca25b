<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

/** Planer boards (docs/towing-model.md, Figures): in-line ones ride on the line itself, a mast board on a tow line of its own. */
enum BoardSize: string
{
    case Small = 'small';
    case Large = 'large';
    case Mast = 'mast';

    /** As the trade calls it. */
    public function word(): string
    {
        return match ($this) {
            self::Small => 'in-line, small',
            self::Large => 'in-line, large',
            self::Mast => 'on the mast’s tow line',
        };
    }

    public function planer(): Planer
    {
        return match ($this) {
            self::Small => new Planer(4e-3, 7.5e-3, 4.0, 0.4),
            self::Large => new Planer(6e-3, 1.15e-2, 8.0, 0.75),
            self::Mast => new Planer(5e-2, 1.2e-1, 60.0, 9.0),
        };
    }
}
