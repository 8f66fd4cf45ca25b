<?php

declare(strict_types=1);

namespace Admek\Core\Towing;

use Admek\Core\InvalidValue;

/** A planer board riding the surface at the top of a trailing chain, held by a front line to the rod tip. */
final readonly class Board
{
    /**
     * @param  float  $dragArea  m² along the flow
     * @param  float  $sideArea  m² outward, whichever side it runs on
     * @param  float  $buoyancy  N it can carry beyond its own weight before it is pulled under
     * @param  float  $lineOut  m of front line from rod tip to board, or of tow line from mast to board
     * @param  ?float  $clipOut  m along the tow line at which the trailing chain is clipped to it; null where the chain hangs on
     *   the board itself
     * @param  list<BoardLoad>  $others  what else is clipped to the tow line
     * @param  float  $mass  kg, its own and that of the water it carries along
     *
     * @throws InvalidValue naming the field
     */
    public function __construct(
        public Side $side,
        public float $dragArea,
        public float $sideArea,
        public float $buoyancy,
        public float $lineOut,
        public ?float $clipOut = null,
        public array $others = [],
        public float $mass = 0.0,
    ) {
        InvalidValue::unlessBetween('drag_area', $dragArea, 0, 100, 'm²');
        InvalidValue::unlessBetween('side_area', $sideArea, 0, 100, 'm²');
        InvalidValue::unlessBetween('buoyancy', $buoyancy, 0, 1e5, 'N');
        InvalidValue::unlessBetween('line_out', $lineOut, 0, 5000, 'm');
        InvalidValue::unlessBetween('mass', $mass, 0, 1e4, 'kg');
        InvalidValue::unlessBetween('clip_out', $clipOut ?? 0.0, 0, $lineOut, 'm');
    }
}
