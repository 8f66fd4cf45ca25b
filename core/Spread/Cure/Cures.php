<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Cure;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Breach;
use Admek\Core\Spread\Check\Breaches;
use Admek\Core\Spread\Check\BreachKind;
use Admek\Core\Spread\Check\Coverage;
use Admek\Core\Spread\Check\OutOfReach;
use Admek\Core\Spread\Check\Spooled;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Described\DescribedLure;
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
     * @param  list<RunningLine>  $running  the plan's lines as they run
     * @param  list<DescribedLure>  $spares  lures aboard that no line pulls
     */
    public function __construct(
        private SpreadPlan $plan,
        private array $running,
        private Conditions $conditions,
        private SpreadLimits $limits,
        private bool $metric = false,
        private array $spares = [],
        private SpreadSolver $solver = new SpreadSolver,
    ) {
    }

    /** The first cure that holds, or null where the captain must think. */
    public function of(Breach $breach): ?Cure
    {
        $before = self::grave(Breaches::grave($this->running, $this->limits));
        $candidates = new CureCandidates(
            $this->running, $this->conditions, $this->limits, $this->metric, $this->spares, $this->plan, $this->solver,
        );
        $steady = array_map(static fn (RunningLine $line): string => $line->planned->holder, $this->running);
        $unsteady = array_values(array_filter(
            $this->plan->lines, static fn (PlannedLine $line): bool => ! in_array($line->holder, $steady, true),
        ));
        foreach ($candidates->for($breach) as $cure) {
            try {
                $plan = $cure->applied($this->plan);
                $running = $this->solver->again($plan->lines, $this->running, $this->conditions, $unsteady);
            } catch (InvalidValue|CannotTow) {
                continue;
            }
            if (Breaches::surelyStands($breach, $running, $this->limits)) {
                continue;
            }
            $left = Breaches::of($running, $this->limits, $plan->finishes());
            if ($this->cured($breach, $left, $running, $plan) && ! self::worse($before, self::grave($left))) {
                return $cure;
            }
        }

        return null;
    }

    /**
     * @param  list<Breach>  $left  with the cure
     * @param  list<RunningLine>  $running  as they run with the cure
     */
    private function cured(Breach $breach, array $left, array $running, SpreadPlan $plan): bool
    {
        return match ($breach->kind) {
            // Bare water is cured by what covers more of it, not by uncovering other feet.
            BreachKind::Bare,
            BreachKind::Doubled => self::covered($running, $this->limits) - self::covered($this->running, $this->limits) > 0.3,
            BreachKind::OutOfReach => ! self::named($breach, OutOfReach::among($running, $this->conditions, $this->solver)),
            BreachKind::Spooled => ! self::named($breach, Spooled::among($plan->described)),
            default => ! self::named($breach, $left),
        };
    }

    /** @param  list<Breach>  $breaches */
    private static function named(Breach $breach, array $breaches): bool
    {
        return in_array($breach->name(), array_map(static fn (Breach $one): string => $one->name(), $breaches), true);
    }

    /**
     * @param  list<RunningLine>  $running
     * @return float m of all bands that a lure serves
     */
    private static function covered(array $running, SpreadLimits $limits): float
    {
        $depths = array_map(static fn (RunningLine $line): float => $line->depth(), $running);

        return Coverage::served($limits->bands, $depths, $limits->reach);
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
     * @param  list<Breach>  $breaches
     * @return array<string, float> how bad each grave one of them is, by its name
     */
    private static function grave(array $breaches): array
    {
        $grave = [];
        foreach ($breaches as $breach) {
            if ($breach->kind->isGrave()) {
                $grave[$breach->name()] = $breach->severity();
            }
        }

        return $grave;
    }
}
