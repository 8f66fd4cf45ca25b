<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Towing\Doubt\Trued;

/** What a boat's soundings have taught of the gear aboard, in the water of a trip. */
interface Taught
{
    /** Of the figures behind a line's depth; null where nothing speaks of any. */
    public function trued(DescribedLine $line, Rig $rig): ?Trued;
}
