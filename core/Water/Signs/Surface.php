<?php

declare(strict_types=1);

namespace Admek\Core\Water\Signs;

/** What the wind makes of the surface. */
enum Surface: string
{
    case Calm = 'calm';
    case Ripple = 'ripple';
    case Rough = 'rough';

    public function word(): string
    {
        return $this === self::Ripple ? 'rippled' : $this->value;
    }
}
