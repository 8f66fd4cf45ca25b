<?php

declare(strict_types=1);

namespace Admek\Core\Spread;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\CannotTow;

/**
 * Finds the least change that takes a breach away. Each candidate is rigged, run and looked at like the plan itself,
 * and offered only when the breach is gone and no other grave one has come or grown.
 */
final readonly class Cures
{
    /** m (or N) by which another grave breach may change without being the worse for a cure. */
    private const NO_WORSE = 0.3;

    /**
     * @param  list<PlannedLine>  $lines
     * @param  list<RunningLine>  $running  the same lines as they run
     * @param  list<SpareLure>  $spares  lures aboard that no line pulls
     * @param  array<string, string>  $finishes  of the lures by holder
     */
    public function __construct(
        private array $lines,
        private array $running,
        private Conditions $conditions,
        private SpreadLimits $limits,
        private bool $metric = false,
        private array $spares = [],
        private array $finishes = [],
        private SpreadSolver $solver = new SpreadSolver,
    ) {
    }

    /** The first cure that holds, or null where the captain must think. */
    public function of(Breach $breach): ?Cure
    {
        $before = $this->grave($this->running);
        $candidates = new CureCandidates($this->running, $this->conditions, $this->limits, $this->metric, $this->spares, $this->finishes, $this->solver);
        foreach ($candidates->for($breach) as $cure) {
            try {
                $running = $this->rerun($cure);
            } catch (InvalidValue|CannotTow) {
                continue;
            }
            if ($this->cured($breach, $cure, $running) && ! self::worse($before, $this->grave($running))) {
                return $cure;
            }
        }

        return null;
    }

    /** @param  list<RunningLine>  $running as they run with the cure */
    private function cured(Breach $breach, Cure $cure, array $running): bool
    {
        $finishes = $this->finishes;
        if ($cure->kind === CureKind::ChangeLure) {
            $finishes[$cure->holders[0]] = $cure->lure === null ? '' : $this->finishOf($cure->lure);
        }
        $covered = self::covered($running, $this->limits) - self::covered($this->running, $this->limits);

        return match ($breach->kind) {
            // Bare water is cured by what covers more of it, not by uncovering other feet.
            BreachKind::Bare, BreachKind::Doubled => $covered > 0.3,
            default => ! in_array($breach->name(), array_map(
                static fn (Breach $left): string => $left->name(),
                [...Breaches::of($running, $this->limits, $finishes), ...OutOfReach::among($running, $this->conditions, $this->solver)],
            ), true),
        };
    }

    private function finishOf(int $lure): string
    {
        foreach ($this->spares as $spare) {
            if ($spare->id === $lure) {
                return $spare->finish;
            }
        }

        return '';
    }

    /**
     * @param  list<RunningLine>  $running
     * @return float m of all bands that a lure serves
     */
    private static function covered(array $running, SpreadLimits $limits): float
    {
        $depths = array_map(static fn (RunningLine $line): float => $line->depth(), $running);

        return Coverage::served($limits->bands, $depths);
    }

    /**
     * The spread with a cure: only what it changes is solved again.
     *
     * @return list<RunningLine>
     */
    private function rerun(Cure $cure): array
    {
        $running = [];
        foreach ($cure->applied($this->lines) as $line) {
            $running[] = $this->unchanged($line) ?? $this->solver->run($line, $this->conditions);
        }

        return $running;
    }

    private function unchanged(PlannedLine $line): ?RunningLine
    {
        foreach ($this->running as $running) {
            if ($running->planned === $line || ($running->planned->holder === $line->holder && $running->planned == $line)) {
                return $running;
            }
        }

        return null;
    }

    /**
     * @param  array<string, float>  $before
     * @param  array<string, float>  $after
     */
    private static function worse(array $before, array $after): bool
    {
        foreach ($after as $name => $severity) {
            if (! isset($before[$name]) || $severity > $before[$name] + self::NO_WORSE) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<RunningLine>  $running
     * @return array<string, float> how bad each grave breach is, by its name
     */
    private function grave(array $running): array
    {
        $grave = [];
        foreach (Breaches::grave($running, $this->limits) as $breach) {
            $grave[$breach->name()] = $breach->severity();
        }

        return $grave;
    }
}
