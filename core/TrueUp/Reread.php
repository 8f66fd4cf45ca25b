<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp;

/** A sounding beside what the model says of it before and after the fit. */
final readonly class Reread
{
    /**
     * @param  float  $untrued  m by the default figures
     * @param  float  $trued  m by the figures as they are fitted
     * @param  float  $off  deviations it is off what the other soundings and the defaults expect, deeper positive
     * @param  bool  $used  whether it counts in the fit
     */
    public function __construct(
        public string $id, public float $untrued, public float $trued, public float $off, public bool $used,
    ) {
    }
}
