<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\Shared;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\CannotTow;

/** Letting the lines out one after another: what each comes near while it is on its way past those already set. */
final readonly class Setting
{
    /** Places on its way out at which a line is looked at. */
    private const STAGES = 8;

    public function __construct(
        private Conditions $conditions, private SpreadLimits $limits, private SpreadSolver $solver = new SpreadSolver,
    ) {
    }

    /**
     * Lines let out across one that is already set, in the order they are set.
     *
     * @param  list<PlannedLine>  $inOrder
     * @return list<Breach>
     *
     * @throws CannotTow
     */
    public function crossings(array $inOrder): array
    {
        $set = $breaches = [];
        foreach ($inOrder as $line) {
            $home = $this->solver->run($line, $this->conditions, withDoubt: false);
            $stages = $this->stages($line);
            foreach ($set as [$other, $tangles]) {
                $breach = $this->overBoard($home, $other) ?? $this->near($home, $stages, $other, $tangles);
                if ($breach !== null) {
                    $breaches[] = $breach;
                }
            }
            $set[] = [$home, Tangles::about($home, $this->limits->nearRods)];
        }

        return $breaches;
    }

    /** A board let out past one that already stands nearer in on its side drags its line across that one's. */
    private function overBoard(RunningLine $line, RunningLine $set): ?Breach
    {
        [$to, $across] = [$line->frontLine()[0] ?? null, $set->frontLine()[0] ?? null];
        if (
            $to === null
            || $across === null
            || $to[1] * $across[1] <= 0.0
            || abs($to[1]) <= abs($across[1])
            || Shared::together($line->planned, $set->planned)
        ) {
            return null;
        }

        return new Breach(
            BreachKind::SettingCross, [$line->planned->holder, $set->planned->holder], 0.0, $this->limits->tangle, $across,
        );
    }

    /** @param  list<Tangles>  $stages */
    private function near(RunningLine $line, array $stages, RunningLine $set, Tangles $tangles): ?Breach
    {
        // What lies too near when all is set is a tangle anyway and said there.
        if (Tangles::about($line, $this->limits->nearRods)->nearest($tangles, $this->limits->tangle) !== null) {
            return null;
        }
        $nearest = null;
        foreach ($stages as $stage) {
            $nearest = $stage->nearest($tangles, $nearest['distance'] ?? $this->limits->tangle) ?? $nearest;
        }

        return $nearest === null
            ? null
            : new Breach(
                BreachKind::SettingCross,
                [$line->planned->holder, $set->planned->holder],
                $nearest['distance'],
                $this->limits->tangle,
                $nearest['place'],
            );
    }

    /**
     * The line at places on its way out.
     *
     * @return list<Tangles>
     */
    private function stages(PlannedLine $line): array
    {
        $stages = [];
        for ($i = 1; $i < self::STAGES; $i++) {
            try {
                $stages[] = Tangles::about(
                    $this->solver->run(
                        $line->withRig($line->rig->partlyOut($i / self::STAGES)), $this->conditions, withDoubt: false,
                    ),
                    $this->limits->nearRods,
                );
            } catch (InvalidValue) {
                // Shorter than anyone lets it out: it is still at the boat.
            }
        }

        return $stages;
    }
}
