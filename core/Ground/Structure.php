<?php

declare(strict_types=1);

namespace Admek\Core\Ground;

use Admek\Core\InvalidValue;

/** Something on the ground worth fishing: a spot, an edge, a track somebody has run. */
final readonly class Structure
{
    public const MOST_PLACES = 4000;

    /**
     * @param  non-empty-list<Place>  $places  one for a spot
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(public string $name, public StructureKind $kind, public array $places)
    {
        if (trim($name) === '' || mb_strlen($name) > 60) {
            throw InvalidValue::because('name', 'a name of at most 60 characters');
        }
        if (count($places) > self::MOST_PLACES) {
            throw InvalidValue::because('places', 'at most '.self::MOST_PLACES);
        }
        if ($kind->isLine() && count($places) < 2) {
            throw InvalidValue::because('places', 'at least two of a line');
        }
    }
}
