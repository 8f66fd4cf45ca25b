<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use Admek\Core\InvalidValue;

/** Another line's chain clipped to a board's tow line. */
final readonly class BoardLoad
{
    /**
     * @param  float  $clipOut  m along the tow line from the mast
     * @param  list<Element>  $chain  from the free end to the clip
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(public float $clipOut, public array $chain)
    {
        InvalidValue::unlessBetween('clip_out', $clipOut, 0, 5000, 'm');
    }
}
