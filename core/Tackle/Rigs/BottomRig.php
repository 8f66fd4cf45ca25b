<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

/** A rig that fishes bottom by a weight: it should tick, not drag, which its line's angle tells. */
interface BottomRig extends OtherControl
{
    /** Name of the weight's body. */
    public const WEIGHT = 'weight';

    /** kg */
    public function weight(): float;

    /** @param  float  $mass kg */
    public function withWeight(float $mass): self;

    /** m from rod tip to the weight */
    public function letOut(): float;
}
