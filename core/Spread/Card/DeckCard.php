<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Card;

use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SettingOrder;
use Admek\Core\Spread\Plan\SettingSchool;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\CannotTow;

/** What the mate sets from: per rod, in setting order, the let-out that holds its depth at three speeds. */
final readonly class DeckCard
{
    /**
     * @param  list<float>  $speeds  m/s
     * @param  list<DeckCardRow>  $rows
     */
    private function __construct(public array $speeds, public array $rows)
    {
    }

    /**
     * @param  list<PlannedLine>  $lines
     * @param  list<string>  $order  holders as the captain has put them
     *
     * @throws CannotTow
     */
    public static function of(
        array $lines,
        Conditions $conditions,
        SettingSchool $school = SettingSchool::BoardsFirst,
        array $order = [],
        SpreadLimits $limits = new SpreadLimits,
        SpreadSolver $solver = new SpreadSolver,
    ): self {
        $speeds = array_map(
            static fn (int $by): float => max(Conditions::SLOWEST, $conditions->speed + $by * $limits->wander),
            [-1, 0, 1],
        );
        $rows = [];
        foreach (SettingOrder::of($lines, $school, $order) as $line) {
            $running = $solver->run($line, $conditions);
            $settings = [];
            foreach ($speeds as $i => $speed) {
                $reach = $i === 1 ? null : $solver->reach(
                    $line, $conditions->at($speed), $running->depth(), near: $line->rig->control()->value,
                );
                $settings[] = $reach === null ? $line->rig->control()->value : ($reach->reached ? $reach->control : null);
            }
            $rows[] = new DeckCardRow($running, $settings);
        }

        return new self($speeds, $rows);
    }
}
