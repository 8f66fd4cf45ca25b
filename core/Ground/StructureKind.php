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

    /** @return list<self> what can be drawn of one place, or of several */
    public static function drawnOf(bool $several): array
    {
        return array_values(array_filter(self::cases(), static fn (self $kind): bool => $kind->isLine() === $several));
    }

    public function isLine(): bool
    {
        return in_array($this, [self::Edge, self::Contour, self::Track], true);
    }
}
