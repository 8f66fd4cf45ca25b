<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Tackle\Described\DescribedLine;

/** One way to rig a rod, and the depths it gets to at this speed. */
final readonly class Option
{
    /**
     * @param  DescribedLine  $line  the control at some start
     * @param  float  $shallowest  m
     * @param  float  $deepest  m
     * @param  Role  $role  what the rod does in the spread
     * @param  bool  $dives  whether it needs a lure that dives by itself
     * @param  ?string  $rides  holder of the rigger whose cable it rides, which must be in the spread too
     */
    public function __construct(
        public DescribedLine $line,
        public float $shallowest,
        public float $deepest,
        public Role $role,
        public bool $dives,
        public ?string $rides = null,
    ) {
    }

    public function reaches(float $depth): bool
    {
        return $depth >= $this->shallowest && $depth <= $this->deepest;
    }
}
