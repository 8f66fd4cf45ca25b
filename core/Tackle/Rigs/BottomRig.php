<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;

/** A rig that fishes bottom by a weight: it should tick, not drag, which its line's angle tells. */
interface BottomRig extends Rig
{
    /** Name of the weight's body. */
    public const WEIGHT = 'weight';

    /** kg */
    public function weight(): float;

    /**
     * @param  float  $mass  kg
     *
     * @throws InvalidValue when it is no weight
     */
    public function withWeight(float $mass): Rig;

    /** m from rod tip to the weight or the node over it */
    public function letOut(): float;
}
