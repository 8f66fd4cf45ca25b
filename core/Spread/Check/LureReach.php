<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\Units\Units;

/** What water about a lure it serves: fish look up, so from a little above it to well below it. */
final readonly class LureReach
{
    public const ABOVE = 2 * Units::FOOT;

    public const BELOW = 6 * Units::FOOT;

    /**
     * @param  float  $above  m of water above a lure it still serves
     * @param  float  $below  m of water below a lure whose fish come up to it
     */
    public function __construct(public float $above = self::ABOVE, public float $below = self::BELOW)
    {
    }

    /** Whether a lure serves a depth, both m. */
    public function serves(float $lure, float $depth): bool
    {
        return $depth > $lure - $this->above && $depth < $lure + $this->below;
    }
}
