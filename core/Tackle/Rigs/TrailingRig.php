<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\Element;

/** A rig that can also be let out behind a board, which then stands where the rod tip would. */
interface TrailingRig extends Rig
{
    /** @return list<Element> from the free end up to the rod tip or the board */
    public function chain(): array;

    /** @throws InvalidValue when the control is out of its range */
    public function withControl(float $value): self;

    /** @throws InvalidValue when there is no such control, or it is out of its range */
    public function withOtherControl(float $value): self;
}
