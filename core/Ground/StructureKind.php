<?php

declare(strict_types=1);

namespace Admek\Core\Ground;

enum StructureKind: string
{
    case Hump = 'hump';
    case Point = 'point';
    case Edge = 'edge';
    case Contour = 'contour';
    case Track = 'track';

    public function isLine(): bool
    {
        return in_array($this, [self::Edge, self::Contour, self::Track], true);
    }
}
