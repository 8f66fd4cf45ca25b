<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Doubt;

/**
 * What a depth can be unsure by: figures known only so well, each taken as independent of the others (docs/towing-model.md,
 * Doubt).
 */
enum Doubt: string
{
    /** Normal drag of every line. */
    case LineDrag = 'line_drag';
    /** The length let out. */
    case LetOut = 'let_out';
    case LureDrag = 'lure_drag';
    /** How a lure dives: its lip's area, or the depth it is rated at. */
    case LureDive = 'lure_dive';
    case DiverLift = 'diver_lift';
    /** Drag of a ball or weight. */
    case WeightDrag = 'weight_drag';
    /** The boat's speed through the water. */
    case Speed = 'speed';
    /** An unread current that grows from nothing at the surface to the gear. */
    case Current = 'current';

    /** As a captain would say what is unsure. */
    public function word(): string
    {
        return match ($this) {
            self::LineDrag => 'the line’s drag',
            self::LetOut => 'the let-out',
            self::LureDrag => 'the lure’s drag',
            self::LureDive => 'the lure’s dive',
            self::DiverLift => 'the diver’s pull',
            self::WeightDrag => 'the weight’s drag',
            self::Speed => 'speed',
            self::Current => 'unread current',
        };
    }
}
