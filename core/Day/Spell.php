<?php

declare(strict_types=1);

namespace Admek\Core\Day;

/** A line fishing as it was rigged, from one moment to another. */
final readonly class Spell
{
    /**
     * @param  ?LineSet  $line  as it was set; null where nobody told
     * @param  float  $from  s since 1970 UTC
     * @param  ?float  $until  s; null while it fishes
     */
    public function __construct(public string $holder, public ?LineSet $line, public float $from, public ?float $until)
    {
    }

    /** h it has fished by then. */
    public function hours(float $now): float
    {
        return max(0.0, min($now, $this->until ?? $now) - $this->from) / 3600.0;
    }
}
