<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

use Admek\Core\InvalidValue;

/** What a board does in the water. */
final readonly class Planer
{
    /**
     * @param  float  $dragArea  m² along the flow
     * @param  float  $sideArea  m² outward
     * @param  float  $buoyancy  spare, N
     * @param  float  $mass  kg with the water it carries along
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(public float $dragArea, public float $sideArea, public float $buoyancy, public float $mass)
    {
        InvalidValue::unlessBetween('drag_area', $dragArea, 1e-4, 0.5, 'm²');
        InvalidValue::unlessBetween('side_area', $sideArea, 0, 1, 'm²');
        InvalidValue::unlessBetween('buoyancy', $buoyancy, 0, 500, 'N');
        InvalidValue::unlessBetween('mass', $mass, 0.01, 100, 'kg');
    }
}
