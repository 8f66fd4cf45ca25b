<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

use Admek\Core\Towing\Body;
use Admek\Core\Towing\BodyRole;

/**
 * What flashes ahead of a bait, fly or spoon, at the head of its leader; drag is all it does to the line (docs/towing-model.md,
 * Figures).
 */
enum Attractor: string
{
    case SmallFlasher = 'small_flasher';
    case LargeFlasher = 'large_flasher';
    case Dodger = 'dodger';

    public function word(): string
    {
        return match ($this) {
            self::SmallFlasher => 'flasher, 8 in',
            self::LargeFlasher => 'flasher, 11 in',
            self::Dodger => 'dodger',
        };
    }

    /** m², Cd·A along the flow. */
    public function dragArea(): float
    {
        return match ($this) {
            self::SmallFlasher => 5e-3,
            self::LargeFlasher => 1e-2,
            self::Dodger => 4e-3,
        };
    }

    /** kg with the water it carries along. */
    public function mass(): float
    {
        return match ($this) {
            self::SmallFlasher => 0.15,
            self::LargeFlasher => 0.35,
            self::Dodger => 0.12,
        };
    }

    /** Its drag is as doubtful as a lure's. */
    public function body(?float $dragArea = null, ?float $mass = null): Body
    {
        return new Body('attractor', 0.0, $dragArea ?? $this->dragArea(), role: BodyRole::Lure, mass: $mass ?? $this->mass());
    }
}
