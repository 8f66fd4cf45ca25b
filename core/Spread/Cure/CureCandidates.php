<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Cure;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\BreachKind;
use Admek\Core\Spread\Check\Coverage;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Units\Units;

/** What might put a breach right, the least change first; whether it does is tried by {@see Cures}. */
final readonly class CureCandidates
{
    /** Shares by which a line's let-out is tried, least first. */
    private const SHARES = [0.05, 0.1, 0.15, 0.2, 0.3, 0.45, 0.6];

    /** m by which a crowding board is brought in, at most so often. */
    private const BOARD_STEP = 5 * Units::FOOT;

    private const MOST_BOARD_STEPS = 12;

    /** m a line is lifted clear of its doubt of the bottom. */
    private const CLEARANCE = Units::FOOT;

    /**
     * @param  list<RunningLine>  $running
     * @param  SpreadPlan  $plan  that runs so
     * @param  list<DescribedLure>  $spares  lures aboard that no line pulls
     */
    public function __construct(
        private array $running,
        private Conditions $conditions,
        private SpreadLimits $limits,
        private bool $metric,
        private array $spares,
        private SpreadPlan $plan,
        private SpreadSolver $solver,
    ) {
    }

    /** @return iterable<Cure> */
    public function for(Breach $breach): iterable
    {
        return match ($breach->kind) {
            BreachKind::LineCount => $this->leastMissed(),
            BreachKind::Tangle => $this->letOuts($breach->holders, both: true),
            BreachKind::Bottom => $this->lifts($breach),
            BreachKind::HolderOrder => [new Cure(CureKind::SwapHolders, $breach->holders)],
            BreachKind::Neighbours => $this->boardsBroughtIn($breach->holders[1]),
            BreachKind::BoardUnder, BreachKind::BoardLaidBack => $this->letOuts($breach->holders, both: false),
            BreachKind::Surfaced => $this->letOuts($breach->holders, both: true),
            BreachKind::OutOfReach => $this->deepest($breach),
            BreachKind::Spooled => $this->spooled($breach),
            BreachKind::Bare => $this->moved($this->idle(), $breach->place[2] ?? 0.0),
            BreachKind::Doubled => $this->spread($breach),
            BreachKind::Duplicate => $this->otherLures($breach),
            // A wider turn cures the one, the order of setting the other.
            BreachKind::Unsteady, BreachKind::SettingCross => [],
        };
    }

    /**
     * Lines over the limit: out comes the one whose lure serves least of the bands alone.
     *
     * @return iterable<Cure>
     */
    private function leastMissed(): iterable
    {
        $missed = [];
        foreach ($this->running as $i => $line) {
            $others = $this->running;
            unset($others[$i]);
            $missed[$line->planned->holder] = $this->served($others);
        }
        arsort($missed);
        foreach (array_keys($missed) as $holder) {
            yield new Cure(CureKind::TakeOut, [(string) $holder]);
        }
    }

    /** @param  array<int, RunningLine>  $lines */
    private function served(array $lines): float
    {
        $depths = array_values(array_map(static fn (RunningLine $line): float => $line->depth(), $lines));

        return Coverage::served($this->limits->bands, $depths, $this->limits->reach);
    }

    /**
     * @param  list<string>  $holders
     * @param  bool  $both  whether more out may help too
     * @return iterable<Cure>
     */
    private function letOuts(array $holders, bool $both): iterable
    {
        foreach (self::SHARES as $share) {
            foreach ($holders as $holder) {
                foreach ($both ? [1 + $share, 1 - $share] : [1 - $share] as $factor) {
                    yield $this->set($holder, $this->line($holder)->planned->rig->control()->value * $factor);
                }
            }
        }
    }

    /** @return iterable<Cure> */
    private function lifts(Breach $breach): iterable
    {
        $line = $this->line($breach->holders[0]);
        // The body that touches hangs deeper than the lure, or is it: lifted by what is missing, and a little.
        $missing = ($breach->wanted ?? 0.0) - ($breach->amount ?? 0.0);
        foreach ([1, 3, 5] as $more) {
            yield from $this->moved([$line], max(0.5, $line->depth() - $missing - $more * self::CLEARANCE));
        }
    }

    /** @return iterable<Cure> */
    private function boardsBroughtIn(string $holder): iterable
    {
        $out = $this->line($holder)->planned->rig->board()?->out() ?? 0.0;
        for ($step = 1; $out > 0.0 && $step <= self::MOST_BOARD_STEPS; $step++) {
            yield new Cure(CureKind::SetBoardOut, [$holder], $out - $step * self::BOARD_STEP);
        }
    }

    /** @return iterable<Cure> */
    private function deepest(Breach $breach): iterable
    {
        // Where it cannot get down it runs as deep as it gets; the aim stays a wish until the captain changes it.
        $line = $this->line($breach->holders[0])->planned;
        $reach = $this->solver->reach($line, $this->conditions, $line->aim ?? 0.0);
        yield $this->set($line->holder, $reach->control);
    }

    /** @return iterable<Cure> so much less out as the reel lacks, where that is what sets its depth */
    private function spooled(Breach $breach): iterable
    {
        $line = $this->line($breach->holders[0])->planned;
        $missing = ($breach->amount ?? 0.0) - ($breach->wanted ?? 0.0);
        foreach ([0.0, Units::FOOT, 0.25] as $more) {
            yield $this->set($line->holder, $line->rig->control()->value - $missing - $more);
        }
    }

    /**
     * Lines that serve no band, or one another's feet of it, the shallowest first.
     *
     * @return list<RunningLine>
     */
    private function idle(): array
    {
        $whole = $this->served($this->running);
        $idle = [];
        foreach ($this->running as $i => $line) {
            $others = $this->running;
            unset($others[$i]);
            if ($whole - $this->served($others) < 0.6) {
                $idle[] = $line;
            }
        }

        return $idle;
    }

    /** @return iterable<Cure> */
    private function spread(Breach $breach): iterable
    {
        $depths = array_map(static fn (RunningLine $line): float => $line->depth(), $this->running);
        [$top, $bottom] = $this->limits->bands[$breach->subject ?? ''] ?? [0.0, 0.0];
        foreach (Coverage::of($top, $bottom, $depths, $this->limits->reach)->stretches as $stretch) {
            if ($stretch['lures'] === 0) {
                yield from $this->moved(
                    array_map($this->line(...), $breach->holders), 0.5 * ($stretch['top'] + $stretch['bottom']),
                );
            }
        }
    }

    /**
     * @param  list<RunningLine>  $lines
     * @param  float  $depth  m
     * @return iterable<Cure>
     */
    private function moved(array $lines, float $depth): iterable
    {
        foreach ($lines as $line) {
            $reach = $this->solver->reach($line->planned, $this->conditions, $depth);
            if ($reach->reached) {
                yield $this->set($line->planned->holder, $reach->control);
            }
        }
    }

    /** @return iterable<Cure> another that swims alike, in a finish no line has */
    private function otherLures(Breach $breach): iterable
    {
        $pulled = array_map(static fn (DescribedLine $line): string => $line->lure->finish, $this->plan->described);
        foreach (array_reverse($breach->holders) as $holder) {
            foreach ($this->spares as $spare) {
                if (
                    ! in_array($spare->finish, $pulled, true)
                    && $spare->lure() == $this->plan->describedOf($holder)->lure->lure()
                ) {
                    yield new Cure(CureKind::ChangeLure, [$holder], lure: $spare);
                }
            }
        }
    }

    private function set(string $holder, float $value): Cure
    {
        return new Cure(
            CureKind::SetControl, [$holder], $this->line($holder)->planned->rig->control()->settable($value, $this->metric),
        );
    }

    private function line(string $holder): RunningLine
    {
        foreach ($this->running as $line) {
            if ($line->planned->holder === $holder) {
                return $line;
            }
        }
        throw InvalidValue::because('holder', 'one with a line');
    }
}
