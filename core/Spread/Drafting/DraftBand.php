<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Fish\Species;
use Admek\Core\InvalidValue;

/** Water to cover, and how much it matters beside the rest. */
final readonly class DraftBand
{
    /**
     * @param  float  $top  m
     * @param  float  $bottom  m
     * @param  float  $weight  against the other bands'
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(public Species $species, public float $top, public float $bottom, public float $weight = 1.0)
    {
        InvalidValue::unlessBetween('top', $top, 0, 150, 'm');
        InvalidValue::unlessBetween('bottom', $bottom, $top + 0.3, 160, 'm');
        InvalidValue::unlessBetween('weight', $weight, 0, 100);
    }
}
