<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\TowLine;

/** A rig on a rod of its own that can trail a board too. */
abstract readonly class SoleTrailingRig extends SoleRig implements TrailingRig
{
    public function towLine(string $id, array $tip): TowLine
    {
        return new TowLine($id, $tip, $this->chain());
    }

    abstract public function withControl(float $value): TrailingRig;

    public function withOtherControl(float $value): TrailingRig
    {
        throw InvalidValue::because('by', 'what is let out: nothing else sets this rig’s depth');
    }
}
