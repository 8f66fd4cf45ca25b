<?php

declare(strict_types=1);

namespace Admek\Core\Spread;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\InlineBoard;
use Admek\Core\Tackle\Rig;
use Admek\Core\Towing\CannotTow;

/**
 * Finds the least change that takes a breach away. Each candidate is rigged, run and looked at like the plan itself,
 * and offered only when the breach is gone and no graver one has come.
 */
final readonly class Cures
{
    /** Shares by which a tangled line's let-out is tried, least first. */
    private const LET_OUT_SHARES = [0.05, 0.1, 0.15, 0.2, 0.3];

    /** m by which a crowding board is brought in, at most so often. */
    private const BOARD_STEP = 5 * Rig::FOOT;

    private const MOST_BOARD_STEPS = 12;

    /** m a line is lifted clear of its doubt of the bottom. */
    private const CLEARANCE = Rig::FOOT;

    private const GRAVE = [BreachKind::Tangle, BreachKind::Bottom, BreachKind::BoardUnder, BreachKind::HolderOrder, BreachKind::Neighbours, BreachKind::Surfaced];

    /**
     * @param  list<PlannedLine>  $lines
     * @param  list<RunningLine>  $running  the same lines as they run
     */
    public function __construct(
        private array $lines,
        private array $running,
        private Conditions $conditions,
        private SpreadLimits $limits,
        private bool $metric = false,
        private SpreadSolver $solver = new SpreadSolver,
    ) {
    }

    /** The first cure that holds, or null where the captain must think. */
    public function of(Breach $breach): ?Cure
    {
        $before = $this->grave($this->running);
        foreach ($this->candidates($breach) as $cure) {
            try {
                $after = $this->grave($this->rerun($cure));
            } catch (InvalidValue|CannotTow) {
                continue;
            }
            if (! in_array(self::name($breach), $after, true) && array_diff($after, $before) === []) {
                return $cure;
            }
        }

        return null;
    }

    /** @return iterable<Cure> */
    private function candidates(Breach $breach): iterable
    {
        return match ($breach->kind) {
            BreachKind::Tangle => $this->letOuts($breach->holders),
            BreachKind::Bottom => $this->lifts($breach),
            BreachKind::HolderOrder => [new Cure(CureKind::SwapHolders, $breach->holders)],
            BreachKind::Neighbours => $this->boardsBroughtIn($breach->holders[1]),
            default => [],
        };
    }

    /**
     * @param  list<string>  $holders
     * @return iterable<Cure>
     */
    private function letOuts(array $holders): iterable
    {
        foreach (self::LET_OUT_SHARES as $share) {
            foreach ($holders as $holder) {
                foreach ([1 + $share, 1 - $share] as $factor) {
                    $control = $this->line($holder)->rig->control();
                    yield new Cure(CureKind::SetControl, [$holder], $control->settable($control->value * $factor, $this->metric));
                }
            }
        }
    }

    /** @return iterable<Cure> */
    private function lifts(Breach $breach): iterable
    {
        $line = $this->line($breach->holders[0]);
        $lure = $this->runningLine($breach->holders[0])->depth();
        // The body that touches hangs deeper than the lure, or is it: lifted by what is missing, and a little.
        for ($lift = ($breach->wanted ?? 0.0) - ($breach->amount ?? 0.0) + self::CLEARANCE, $tries = 0; $tries < 3; $tries++, $lift += 2 * self::CLEARANCE) {
            $reach = $this->solver->reach($line, $this->conditions, max(0.5, $lure - $lift));
            if ($reach->reached) {
                yield new Cure(CureKind::SetControl, $breach->holders, $line->rig->control()->settable($reach->control, $this->metric));
            }
        }
    }

    /** @return iterable<Cure> */
    private function boardsBroughtIn(string $holder): iterable
    {
        $rig = $this->line($holder)->rig;
        for ($step = 1; $rig instanceof InlineBoard && $step <= self::MOST_BOARD_STEPS; $step++) {
            yield new Cure(CureKind::SetBoardOut, [$holder], $rig->lineOut - $step * self::BOARD_STEP);
        }
    }

    /**
     * The spread with a cure: only what it changes is solved again.
     *
     * @return list<RunningLine>
     */
    private function rerun(Cure $cure): array
    {
        $running = [];
        foreach ($cure->applied($this->lines) as $i => $line) {
            $running[] = $line === $this->lines[$i] ? $this->running[$i] : $this->solver->run($line, $this->conditions);
        }

        return $running;
    }

    /**
     * @param  list<RunningLine>  $running
     * @return list<string>
     */
    private function grave(array $running): array
    {
        $names = [];
        foreach (Breaches::of($running, $this->limits) as $breach) {
            if (in_array($breach->kind, self::GRAVE, true)) {
                $names[] = self::name($breach);
            }
        }

        return $names;
    }

    private static function name(Breach $breach): string
    {
        return $breach->kind->value.' '.implode(' ', $breach->holders);
    }

    private function line(string $holder): PlannedLine
    {
        return $this->runningLine($holder)->planned;
    }

    private function runningLine(string $holder): RunningLine
    {
        foreach ($this->running as $line) {
            if ($line->planned->holder === $holder) {
                return $line;
            }
        }
        throw InvalidValue::because('holder', 'one with a line');
    }
}
