<?php

declare(strict_types=1);

namespace Bench;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Doubt\Axes;
use Admek\Core\Towing\Doubt\Doubt;
use Admek\Core\Towing\Doubt\Trued;
use Admek\Core\TrueUp\Sounded;
use Admek\Core\TrueUp\TrueUp;
use Tests\Support\Drawn;

/** How long it takes to learn from a boat's soundings. */
final class TrueUpBench
{
    private const TRIPS = 10;

    /**
     * @return array{float, int} ms that a fit of so many soundings takes, one in thirty false, and over how many figures
     */
    public static function fit(int $soundings): array
    {
        $normal = (new Drawn(3))->normal(...);
        $lines = Spreads::ofLines(20);
        $true = $all = [];
        for ($i = 0; count($all) < $soundings; $i++) {
            $line = $lines[$i % count($lines)];
            $control = $line->rig->control();
            try {
                $line = $line->withControl($control->value * (0.7 + 0.06 * ($i % 11)));
            } catch (InvalidValue) {
                continue;
            }
            $owners = $at = [];
            foreach (Axes::about($line->towLine(), $line->doubts()) as $doubt) {
                $water = $doubt === Doubt::Speed || $doubt === Doubt::Current;
                $owners[$doubt->value] = $water ? 'trip '.($i % self::TRIPS) : "{$doubt->value} of ".($i % count($lines));
                $at[$doubt->value] = $true["{$doubt->value} {$owners[$doubt->value]}"] ??= $normal();
            }
            $conditions = new Conditions(0.8 + 0.04 * ($i % 13));
            $depth = (new SpreadSolver)->run($line->withTrued(new Trued($at)), $conditions, withDoubt: false)->depth();
            $read = $depth + 0.3 * $normal() + ($i % 30 === 7 ? 3.0 : 0.0);
            if ($read > 0.3) {
                $all[] = new Sounded("{$i}", $line, $conditions, $owners, $read, 0.3048);
            }
        }
        $start = hrtime(true);
        $known = TrueUp::of($all);

        return [(hrtime(true) - $start) / 1e6, count($known->figures)];
    }
}
