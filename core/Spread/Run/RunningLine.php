<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Run;

use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\Doubt\DepthDoubt;
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

    /**
     * The line itself from its free end to the boat; nothing for a stacked rod, whose cable is its host's.
     *
     * @return list<array{float, float, float}>
     */
    public function path(): array
    {
        return $this->planned->rig->cable()?->stacked() === true ? [] : $this->solution->path;
    }

    /**
     * What branches from it and is this rod's own: the lead from its release, the leader from a three-way.
     *
     * @return list<list<array{float, float, float}>>
     */
    public function branches(): array
    {
        $cable = $this->planned->rig->cable();

        return $cable === null ? $this->solution->branchPaths : [$this->solution->branchPaths[$cable->ownBranch()]];
    }

    /**
     * What of it runs over the water, straight: from board or clip to the rod tip.
     *
     * @return ?array{array{float, float, float}, array{float, float, float}}
     */
    public function frontLine(): ?array
    {
        $from = $this->solution->clip ?? $this->solution->board;

        return $from === null ? null : [$from, $this->planned->tip];
    }

    /**
     * The tow line a mast board runs on, from board to mast.
     *
     * @return ?array{array{float, float, float}, array{float, float, float}}
     */
    public function mastLine(): ?array
    {
        $board = $this->planned->rig->board();

        return $board !== null && $this->solution->clip !== null && $this->solution->board !== null
            ? [$this->solution->board, $board->towedFrom($this->planned->tip)]
            : null;
    }
}
