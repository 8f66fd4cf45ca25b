<?php

declare(strict_types=1);

namespace Admek\Core\Tackle;

/** In-line planer boards (02 §10). */
enum BoardSize: string
{
    case Small = 'small';
    case Large = 'large';

    /** m² along the flow */
    public function dragArea(): float
    {
        return $this === self::Small ? 4e-3 : 6e-3;
    }

    /** m² outward */
    public function sideArea(): float
    {
        return $this === self::Small ? 7.5e-3 : 1.15e-2;
    }

    /** Spare, N */
    public function buoyancy(): float
    {
        return $this === self::Small ? 4.0 : 8.0;
    }
}
