<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Spread\Check\LureReach;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Parts\LureKind;

/** One way to rig a rod, and the depths it gets to at this speed. */
final readonly class Option
{
    /** @var list<string> its line hangs on */
    public array $pieces;

    /**
     * @param  DescribedLine  $line  the control at some start
     * @param  float  $shallowest  m
     * @param  float  $deepest  m
     * @param  Role  $role  what the rod does in the spread
     * @param  list<LureKind>  $kinds  families of lures it may pull
     * @param  list<float>  $suits  how well it suits the water of each band of the task
     * @param  ?array{float, float}  $let  m its control keeps between, whatever lure it pulls; null for all it can
     * @param  ?string  $rides  holder of the rigger whose cable it rides, which must be in the spread too
     */
    public function __construct(
        public DescribedLine $line,
        public float $shallowest,
        public float $deepest,
        public Role $role,
        public array $kinds = [],
        public array $suits = [],
        public ?array $let = null,
        public ?string $rides = null,
    ) {
        $this->pieces = Pieces::under($line);
    }

    /** The same between other depths, m. */
    public function between(float $shallowest, float $deepest): self
    {
        return new self($this->line, $shallowest, $deepest, $this->role, $this->kinds, $this->suits, $this->let, $this->rides);
    }

    /** Its line with a lure, or with its own where that is of a family it does not pull. */
    public function pulling(DescribedLure $lure): DescribedLine
    {
        return in_array($lure->kind, $this->kinds, true) ? $this->line->pulling($lure) : $this->line;
    }

    /** Whether its control may be set so: what ticks bottom stays there, whatever else fouls. */
    public function allows(float $control): bool
    {
        return $this->role !== Role::OnBottom
            && ($this->let === null || ($control >= $this->let[0] && $control <= $this->let[1]));
    }

    /** Whether a lure on it can serve some of a band. */
    public function serves(DraftBand $band, LureReach $reach): bool
    {
        return $this->deepest + $reach->below > $band->top && $this->shallowest - $reach->above < $band->bottom;
    }

    public function reaches(float $depth): bool
    {
        return $depth >= $this->shallowest && $depth <= $this->deepest;
    }
}
