<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\CannotTow;

/** Tells the lines that run from those that have no steady run: what cannot be solved is said, and the rest shown. */
final class Steady
{
    /**
     * @param  list<PlannedLine>  $lines
     * @return array{list<RunningLine>, list<Breach>} the lines that run, and what is to be said of those that do not
     *
     * @throws InvalidValue
     */
    public static function among(
        array $lines, Conditions $conditions, bool $withDoubt = true, SpreadSolver $solver = new SpreadSolver,
    ): array {
        $running = $unsteady = [];
        foreach ($lines as $line) {
            try {
                $running[] = $solver->run($line, $conditions, $withDoubt);
            } catch (CannotTow $cannot) {
                $unsteady[] = new Breach(BreachKind::Unsteady, [$line->holder], $cannot->radius);
            }
        }

        return [$running, $unsteady];
    }
}
