<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\Leader;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\Branch;

/** A rod's line held on a rigger's cable, and what trails from there. */
final readonly class Release
{
    /**
     * @param  float  $above  m over the ball; 0 is the release at the ball itself
     * @param  float  $lead  m from release to lure, leader within
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public float $above,
        public float $lead,
        public LineStock $main,
        public ?Leader $leader,
        public Lure $lure,
    ) {
        LineFigure::Above->range()->within(0.0)->hold(LineFigure::Above, $above);
        LineFigure::Lead->range()->within(
            max($leader->length ?? 0.0, LineFigure::Lead->range()->least),
        )->hold(LineFigure::Lead, $lead);
    }

    /** @param  bool  $own  whether it is the line that is asked about: only its lure goes by name */
    public function branch(bool $own): Branch
    {
        $leader = $this->leader?->parts() ?? [];
        if (! $own) {
            $leader = array_map(
                static fn (object $part): object => $part instanceof Body ? new Body(
                    null, $part->weight, $part->dragArea, role: $part->role, mass: $part->mass,
                ) : $part,
                $leader,
            );
        }

        return new Branch([
            $own ? $this->lure->body() : $this->lure->namelessBody(), ...$leader,
            $this->main->length($this->lead - ($this->leader->length ?? 0.0)),
        ]);
    }

    /** Half the drag of the rod line that stands from release to rod tip pulls on the release (docs/towing-model.md, Riggers). */
    public function standing(float $depth): Body
    {
        $half = 0.5 * max(0.0, $depth);

        return new Body(
            null, 0.0, $half * $this->main->normalDrag * $this->main->diameter, mass: $half * $this->main->movedMass(),
        );
    }

    public function at(float $above): self
    {
        return new self($above, $this->lead, $this->main, $this->leader, $this->lure);
    }
}
