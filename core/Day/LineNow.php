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
     */
    public function __construct(
        public string $holder,
        public LineState $state,
        public float $since,
        public ?LineSet $line,
        public ?float $seen,
        public ?string $bite,
    ) {
    }
}
