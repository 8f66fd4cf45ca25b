<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Lure;

/** A rig that fishes bottom by a weight: it should tick, not drag, which its line's angle tells. */
abstract readonly class BottomRig extends SoleRig
{
    /** Name of the weight's body. */
    public const WEIGHT = 'weight';

    /** @param  float  $letOut  m from rod tip to the weight or the node over it */
    public function __construct(
        public LineStock $main, public LeadWeight $weight, public float $letOut, public Lure $lure,
    ) {
    }

    /**
     * @param  float  $mass  kg
     *
     * @throws InvalidValue when it is no weight
     */
    abstract public function withWeight(float $mass): static;

    public function otherControl(): Control
    {
        return $this->weight->asControl();
    }

    public function withOtherControl(float $value): static
    {
        return $this->withWeight($value);
    }

    public function lure(): Lure
    {
        return $this->lure;
    }

    public function bottom(): self
    {
        return $this;
    }

    public function wouldHelp(): array
    {
        return LeadWeight::WOULD_HELP;
    }
}
