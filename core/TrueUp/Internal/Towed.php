<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp\Internal;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Tackle\Parts\Lure;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Doubt\TruedDepth;

/** A line's depth as its figures move away from those it was rigged with. */
final class Towed
{
    /** @throws CannotTow where the line itself has no steady run */
    public static function depth(PlannedLine $line, Conditions $conditions): TruedDepth
    {
        // What is learnt starts from the default figures.
        $line = $line->withTrued(null);

        return new TruedDepth(
            $conditions->water(), $conditions->turn, $line->towLine($conditions->density), Lure::BODY, $line->doubts(),
        );
    }
}
