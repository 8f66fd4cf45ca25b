<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Units\Units;

/** Lines that were asked to run at a depth they cannot get down to under the conditions of now. */
final class OutOfReach
{
    /** m short of its aim that are not worth a word beyond the line's own doubt. */
    private const SHORT = Units::FOOT;

    /**
     * @param  list<RunningLine>  $lines
     * @return list<Breach>
     */
    public static function among(array $lines, Conditions $conditions, SpreadSolver $solver = new SpreadSolver): array
    {
        $breaches = [];
        foreach ($lines as $line) {
            $aim = $line->planned->aim;
            $slack = max(self::SHORT, $line->doubt->deeper ?? 0.0);
            if ($aim === null || $line->depth() > $aim - $slack) {
                continue;
            }
            $reach = $solver->reach($line->planned, $conditions, $aim);
            if (! $reach->reached && $reach->depth < $aim - $slack) {
                $breaches[] = new Breach(BreachKind::OutOfReach, [$line->planned->holder], $reach->depth, $aim, $line->lure());
            }
        }

        return $breaches;
    }
}
