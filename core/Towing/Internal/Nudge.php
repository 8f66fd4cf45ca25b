<?php

declare(strict_types=1);

namespace Admek\Core\Towing\Internal;

/** What the figures of a chain are multiplied by while a doubt is tried; all ones is the chain as given. */
final readonly class Nudge
{
    public function __construct(
        public float $normalDrag = 1.0,
        public float $lureDrag = 1.0,
        public float $lureDive = 1.0,
        public float $diverLift = 1.0,
        public float $weightDrag = 1.0,
        public float $letOut = 1.0,
    ) {
    }
}
