<?php

declare(strict_types=1);

namespace Admek\Core\TrueUp;

use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Towing\Doubt\Doubt;

/**
 * Whose each figure behind a line's depth is: what is learnt on one rod speaks for every rod with the same gear, and what is
 * learnt of the water for every line of the same trip.
 */
final class Owners
{
    /**
     * @param  PlannedLine  $planned  the same line, rigged
     * @param  string  $trip  whose water and speed it was, or is, towed in
     * @return array<string, string> by {@see Doubt}
     */
    public static function of(DescribedLine $line, PlannedLine $planned, string $trip): array
    {
        $owners = [
            Doubt::LineDrag->value => "reel {$line->reel->name}",
            Doubt::LetOut->value => PlannedLine::isReadAtHolder($planned->rig)
                ? "counter at {$line->holder->code}" : "counter of {$line->reel->name}",
            Doubt::LureDrag->value => "lure {$line->lure->name}",
            Doubt::LureDive->value => "lure {$line->lure->name}",
            Doubt::Speed->value => "trip {$trip}",
            Doubt::Current->value => "trip {$trip}",
        ];
        if ($line->diver !== null) {
            $owners[Doubt::DiverLift->value] = "diver {$line->diver->name}";
        }
        $mass = $line->figure(LineFigure::WeightMass);
        if ($line->ball !== null) {
            $owners[Doubt::WeightDrag->value] = "ball {$line->ball->name}";
        } elseif ($mass !== null) {
            $owners[Doubt::WeightDrag->value] = sprintf('weight of %.3f kg', $mass);
        }

        return $owners;
    }
}
