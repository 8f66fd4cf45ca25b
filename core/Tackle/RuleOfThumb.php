<?php

declare(strict_types=1);

namespace Admek\Core\Tackle;

/** A depth as the trade reckons it without physics, and how: it holds at one speed. */
final readonly class RuleOfThumb
{
    /** Leadcore, m per colour at 2 mph. */
    public const PER_COLOUR = 5 * Rig::FOOT;

    /**
     * Depth as a share of let-out of a large diver at dial 0, and what each whole number of dial takes from it.
     */
    public const DIVER_RATIO = 0.55;

    public const DIVER_RATIO_PER_MARK = 0.05;

    /** @param  float  $depth m */
    public function __construct(public float $depth, public string $reckoning)
    {
    }
}
