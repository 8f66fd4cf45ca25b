<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

/** One way to rig a rod, and the depths it gets to at this speed. */
final readonly class Option
{
    /**
     * @param  array<string, mixed>  $line  its description, the control at some start
     * @param  float  $shallowest  m
     * @param  float  $deepest  m
     * @param  string  $role  what the rod does in the spread: outside_board, inside_board, wide_diver, steep_diver, deep_rigger, long_lead_rigger, stacked_release, middle
     * @param  bool  $dives  whether it needs a lure that dives by itself
     * @param  ?string  $rides  holder of the rigger whose cable it rides, which must be in the spread too
     */
    public function __construct(public array $line, public float $shallowest, public float $deepest, public string $role, public bool $dives, public ?string $rides = null)
    {
    }

    public function reaches(float $depth): bool
    {
        return $depth >= $this->shallowest && $depth <= $this->deepest;
    }
}
