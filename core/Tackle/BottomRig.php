<?php

declare(strict_types=1);

namespace Admek\Core\Tackle;

/** A rig that fishes bottom by a weight: it should tick, not drag, which its line's angle tells. */
interface BottomRig extends Rig
{
    /** Name of the weight's body. */
    public const WEIGHT = 'weight';

    /** kg of the weights a tackle shop keeps: ½ to 12 oz. */
    public const STOCK = [
        0.014175, 0.021262, 0.028350, 0.042524, 0.056699, 0.070874, 0.085049, 0.113398,
        0.141748, 0.170097, 0.226796, 0.283495, 0.340194,
    ];

    /** kg */
    public function weight(): float;

    /** @param  float  $mass kg */
    public function withWeight(float $mass): self;

    /** m from rod tip to the weight */
    public function letOut(): float;
}
