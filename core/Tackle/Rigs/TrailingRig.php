<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\Towing\Element;

/** A rig that can also be let out behind a board, which then stands where the rod tip would. */
interface TrailingRig extends Rig
{
    /** @return list<Element> from the lure up to the rod tip or the board */
    public function chain(): array;
}
