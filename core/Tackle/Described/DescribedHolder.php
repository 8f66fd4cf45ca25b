<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

use Admek\Core\Towing\Side;

/** A rod holder or a rigger's boom, where its tip stands in the towing frame. */
final readonly class DescribedHolder
{
    /**
     * @param  string  $code  by which the rail and the crew know it
     * @param  ?Side  $side  null amidships
     * @param  float  $aft  m of the transom
     * @param  float  $starboard  m
     * @param  float  $height  m of rod tip or boom end above the water
     * @param  float  $counterFactor  what its rigger's counter shows for each metre truly out
     */
    public function __construct(
        public string $code,
        public ?Side $side,
        public HolderKind $kind,
        public float $aft,
        public float $starboard,
        public float $height,
        public bool $counterCalibrated = false,
        public float $counterFactor = 1.0,
    ) {
    }

    /** @return array{float, float, float} m in the towing frame, from its own height or another */
    public function tip(?float $height = null): array
    {
        return [$this->aft, $this->starboard, -($height ?? $this->height)];
    }
}
