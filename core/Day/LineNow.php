<?php

declare(strict_types=1);

namespace Admek\Core\Day;

/** How one rod's line stands, and since when. */
final readonly class LineNow
{
    /**
     * @param  float  $since  s since 1970 UTC
     * @param  ?LineSet  $line  as it was last set; null where nobody told
     * @param  ?float  $seen  s; when it was last set, checked or bitten: its next check counts from there
     * @param  ?string  $bite  id of the bite it has on
     * @param  bool  $otherwise  whether it was told to be rigged otherwise than planned, and not since that it goes by the plan
     */
    public function __construct(
        public string $holder,
        public LineState $state,
        public float $since,
        public ?LineSet $line,
        public ?float $seen,
        public ?string $bite,
        public bool $otherwise = false,
    ) {
    }

    /**
     * The line it is gone by: as it is out; in the boat as it was told last, where that is otherwise than planned: what was told
     * of a line stays with its rod through bite, in and out. Null where it goes by the plan.
     */
    public function stands(): ?LineSet
    {
        return $this->state !== LineState::InBoat || $this->otherwise ? $this->line : null;
    }
}
