<?php

declare(strict_types=1);

namespace Admek\Core\Spread;

use Admek\Core\Tackle\Lure;
use Admek\Core\Towing\DepthDoubt;
use Admek\Core\Towing\TowSolution;

/** A planned line as it runs: where its lure is, how surely, and what needs a look. */
final readonly class RunningLine
{
    public function __construct(
        public PlannedLine $planned,
        public TowSolution $solution,
        public ?DepthDoubt $doubt,
    ) {
    }

    /** Depth of the lure, m. */
    public function depth(): float
    {
        return $this->lure()[2];
    }

    /** @return array{float, float, float} m: aft, starboard, down */
    public function lure(): array
    {
        return $this->solution->bodies[Lure::BODY];
    }
}
