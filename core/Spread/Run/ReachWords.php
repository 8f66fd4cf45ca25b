<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Run;

use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Tackle\Rigs\ControlKind;
use Admek\Core\Towing\Reach;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;

/** What is said where nothing that can be set runs a line at the depth wanted. */
final class ReachWords
{
    /**
     * Whether it comes to the depth wanted, as a captain is told depths: what is offered as the nearest is taken when
     * asked for.
     */
    public static function comesTo(Reach $reach, float $wanted, Units $units): bool
    {
        return $reach->reached
            || $units->figure(Quantity::Depth, $reach->depth) === $units->figure(Quantity::Depth, $wanted);
    }

    /**
     * @param  ControlKind  $set  what was set to get there
     * @param  float  $wanted  m
     */
    public static function short(PlannedLine $line, Reach $reach, ControlKind $set, float $wanted, Units $units): ?Sentence
    {
        if (self::comesTo($reach, $wanted, $units)) {
            return null;
        }
        $help = $reach->depth < $wanted ? $line->rig->wouldHelp() : [];

        return Sentence::of(
            "{holder}: no {$set->word()} gets there: {nearest} is as near as it comes."
                .($help === [] ? '' : ' What would: '.implode(', ', $help).'.'),
            ['holder' => $line->holder, 'nearest' => [Quantity::Depth, $reach->depth]],
        );
    }
}
